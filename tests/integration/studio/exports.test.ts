import { regionOf } from '../../../src/core/region';
import { randomUUID } from 'node:crypto';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { cutsCsv, sessionDocument } from '../../../src/app/session/session-export';
import { ledgerJson, shelfJson } from '../../../src/app/shelf/shelf-export';
import { printLabels, sessionLabels } from '../../../src/app/sheets/labels';
import { labelPrinter } from '../../../src/app/devices';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, editSession, openSession, planOf } from '../../../src/app/session/session';
import { cutSheet } from '../../../src/app/sheets/cut-sheet';
import { roomSheetFeature } from '../../../src/app/sheets/room-sheet';
import { safetyCardFeature } from '../../../src/app/sheets/safety-card';
import { PLAIN_ROOM } from '../../../src/core/session';
import { moveLot } from '../../../src/app/shelf/move-lot';
import { shelfChoices } from '../../../src/app/shelf/shelf-choices';
import { readScale } from '../../../src/app/shelf/scale';
import { imported, packed, wholeText } from '../support/archive';
import { freshStudio } from '../support/database';
import { CORD, session, stock } from '../support/shelf';

freshStudio();

const rowsOf = (csv: string) => Papa.parse<Record<string, string>>(csv.trim(), { header: true }).data;
const ada = { name: '=Ada, "the" Quoin', wrist_mm: 165, wrist_method: 'tape', project: 'band-buckle' } as const;
const newSession = async (seats: object[]): Promise<string> => {
  const id = randomUUID();
  await createSession(id, { title: 'Tide club', held_on: '2030-05-01' });
  await addSeats(
    id,
    seats.map((seat) => ({ id: randomUUID(), ...ada, ...seat })),
  );
  return id;
};

describe('cuts as CSV', () => {
  it('are those on screen, a line a length, with names kept names', async () => {
    const id = await newSession([
      { options: { colours: 2 } },
      { name: 'Bo Trow', project: 'reversible-slider' },
      // Not fitted yet: no wrist, so no line.
      { name: 'Cy Weir', wrist_mm: null, wrist_method: null },
    ]);
    const rows = rowsOf(await cutsCsv(id));
    const view = await openSession(id);
    const plans = planOf(view).seats;
    const cuts = plans.flatMap(({ plan }) => plan.cut?.cuts ?? []);
    expect(rows).toHaveLength(cuts.length);
    expect(rows.reduce((sum, row) => sum + Number(row.length_mm) * Number(row.pieces), 0)).toBe(
      cuts.reduce((sum, cut) => sum + cut.length_mm * cut.pieces, 0),
    );
    expect(new Set(rows.map((row) => row.bag))).toEqual(new Set(['1', '2']));
    // A spreadsheet would take it for a formula: it is marked as text, and is the name but for that.
    expect(rows.find((row) => row.bag === '1')).toMatchObject({
      name: `'${ada.name}`,
      project: 'Buckle band',
      cord: 'Sheathed nylon 4 mm',
    });
  });

  it('are a heading alone where nothing can be cut yet', async () => {
    const id = await newSession([{ project: null }]);
    expect(await cutsCsv(id)).toBe('bag,name,project,cord,colour,role,pieces,length_mm\r\n');
  });
});

describe('the session as a document', () => {
  it('leaves out who cannot be said in it, and says the rest as it is planned', async () => {
    const id = await newSession([
      { hand_mm: 205, age: 31, avoid: ['nickel'], school: 'ratio', ease: 'snug', skill: 'fluent' },
      { name: 'Bo', project: 'fob-ring', wrist_mm: null, wrist_method: null },
      { name: 'Cy', wrist_mm: null, wrist_method: null },
      { name: 'Di', project: null },
      { name: 'Ed', band_mm: 150, cords: { whole: { cord: 'satin-2', colours: ['night', 'sail'] } } },
    ]);
    const { seats, school } = await sessionDocument(id);
    expect(school).toBe('measured');
    expect(seats).toHaveLength(3);
    expect(seats[0]).toMatchObject({
      size: { wrist: 165 },
      hand: 205,
      age: expect.any(Number) as number,
      avoid: ['nickel'],
      school: 'ratio',
      ease: 'snug',
      skill: 'fluent',
    });
    // A fob has a length of its own; who chose a band length has that.
    expect(seats[1]!.size).toEqual({ knotted: 90 });
    expect(seats[2]).toMatchObject({ size: { knotted: 150 }, cords: { whole: 'satin-2' }, options: { colours: 2 } });
  });
});

describe('shelf and ledger as JSON', () => {
  it('hold every lot and movement, and sum to the same', async () => {
    const lot = await stock(CORD, 9400);
    await stock('hardware/buckle-15', 12, 'bag');
    await moveLot(lot, { key: randomUUID(), kind: 'waste', amount: 400, note: 'frayed' });
    const shelf = (await shelfJson()) as { items: { id: string }[]; lots: { item: string; hand: number }[] };
    const { movements } = JSON.parse(await wholeText(ledgerJson())) as {
      movements: { item: string; on_hand: number; kind: string }[];
    };
    for (const item of [CORD, 'hardware/buckle-15']) {
      const hand = shelf.lots.filter((one) => one.item === item).reduce((sum, one) => sum + one.hand, 0);
      const moved = movements.filter((one) => one.item === item).reduce((sum, one) => sum + one.on_hand, 0);
      expect(hand, item).toBe(moved);
      expect(shelf.items.some(({ id }) => id === item)).toBe(true);
    }
    // Oldest first, as a book is kept.
    expect(movements.map(({ kind }) => kind)).toEqual(['receive', 'receive', 'waste']);
    expect(JSON.parse(JSON.stringify({ shelf, movements }))).toEqual({ shelf, movements });
  });
});

describe('the cut sheet', () => {
  it('has the cuts of those who can be cut for, and says how everybody stands', async () => {
    const id = await newSession([
      { age: 30 },
      { name: 'Bo Trow', wrist_mm: 150, wrist_method: 'estimate', age: 9 },
      { name: 'Cy Weir', wrist_mm: null, wrist_method: null },
      { name: 'Di Oke', project: 'fob-ring', options: { loop: 'neck' }, age: 30 },
    ]);
    const { groups, seats, hardware, cautions } = await cutSheet(id);
    expect(groups.flatMap(({ lines }) => lines.map((line) => line.plan.label)).sort()).toEqual([
      ada.name,
      'Bo Trow',
      'Di Oke',
    ]);
    expect(seats.map(({ state }) => state)).toEqual(['solid', 'ringed', 'hollow', 'solid']);
    // A buckle for each band, whoever is still to be measured; a ring for the fob.
    expect(hardware).toEqual([
      { name: 'Buckle 15 mm', count: 3 },
      { name: 'Split ring 25 mm', count: 1 },
    ]);
    // A child, a flame for the grown, a loop round a neck: each has its caution.
    const words = cautions.join(' ');
    for (const one of [/flame|heat/i, /child/i, /neck/i, /climbing/]) expect(words).toMatch(one);
  });
});

describe('labels', () => {
  it('are one a bag, or one a length of cord', async () => {
    const view = await session('Labels', '2030-05-01', ['Ada', 'Bo', 'Cy']);
    const { id } = view.session;
    const pieces = planOf(view).seats.flatMap(({ plan }) =>
      plan.cut!.cuts.flatMap((cut) => Array.from({ length: cut.pieces })),
    );
    const { PDFDocument } = await import('pdf-lib');
    const bags = await sessionLabels(id, 'bags', () => 'cm', 'http://127.0.0.1:1');
    expect(bags.name).toBe('bags.pdf');
    expect((await PDFDocument.load(bags.bytes)).getTitle()).toBe('Labels: bags');
    const before = labelPrinter().state();
    const after = await printLabels(id, 'cuts');
    const queued = (state: typeof before) => state.queue.reduce((sum, job) => sum + job.labels, 0);
    expect(queued(after) - queued(before)).toBe(pieces.length);
  });
});

describe('what can be received', () => {
  it('is every colour of every cord, all hardware, and every tool that a part or project takes', async () => {
    const { choices, masses } = await shelfChoices();
    const ids = choices.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const id of [CORD, 'hardware/buckle-15', 'tool/ruler', 'tool/scissors', 'tool/peg-board'])
      expect(ids).toContain(id);
    // A metre of thicker cord of one fibre weighs more, and every cord weighs something.
    expect(masses.estimates['sheathed-4']).toBeGreaterThan(masses.estimates['sheathed-3']!);
    expect(Object.values(masses.estimates).every((mass) => mass > 0)).toBe(true);
    expect(masses.doubt.estimated).toBeGreaterThan(masses.doubt.weighed);
  });
});

describe('the scale', () => {
  it('settles a little below what the shelf has, with the spool on it', async () => {
    const lot = await stock(CORD, 10_000);
    const { masses } = await shelfChoices();
    const settled = await readScale(lot, 20_000);
    expect(settled!.stable).toBe(true);
    expect(settled!.grams).toBeCloseTo(10 * masses.estimates['sheathed-4']! * 0.97, 0);
    expect((await readScale(lot, 100))!.stable).toBe(false);
    await expect(readScale(randomUUID(), 0)).rejects.toMatchObject({ status: 404 });
    await expect(readScale("1' OR 1=1", 0)).rejects.toMatchObject({ status: 404 });
  });
});

describe('a studio brought in', () => {
  it.each([
    [{ people: [{ id: randomUUID() }] }, /people\.json: \/0\/name is missing/],
    [{ settings: [{ id: 1, doc: { name: 'x' }, colour: 'blue' }] }, /settings\.json: \/0\/doc/],
    [{ spies: [] }, /does not know/],
  ])('is refused whole where a table does not fit', async (tables, words) => {
    await expect(imported(packed(tables))).rejects.toThrow(words);
    // Nothing of it is there, and what was there still is.
    expect((await shelfChoices()).choices.length).toBeGreaterThan(50);
  });
});

describe('the papers of the room', () => {
  const writing = () => ({ units: 'cm', region: regionOf('en-GB'), both: false }) as const;

  it('a safety card that says which seats, and tells the wall nobody’s name, age or skin', async () => {
    const id = await newSession([
      { age: 30 },
      { name: 'Bo Trow', age: 9, avoid: ['nickel'] },
      { name: 'Di Oke', age: null },
    ]);
    const { sheet } = await safetyCardFeature.make(id, writing);
    const words = JSON.stringify(sheet);
    expect(words).not.toMatch(/Quoin|Trow|Oke|9 years/);
    expect(sheet.warning).toMatch(/no flame is lit until somebody has/);
    expect(sheet.sections).toEqual([
      {
        heading: 'Heat',
        lines: [
          'One at a time with an adult at the station: seats 1, 3.',
          'Nobody below 16 uses heat.',
          'Age not known, ask before: seat 3.',
        ],
      },
      { heading: 'No heat', lines: ['Below 16: seat 2.'] },
      { heading: 'Skin', lines: ['No nickel: seat 2.'] },
    ]);
    await editSession(id, { version: 1, changes: { room: { ...PLAIN_ROOM, fire_by: 'Morwen Tidy' } } });
    expect((await safetyCardFeature.make(id, writing)).sheet.warning).toContain('confirmed by Morwen Tidy');
  });

  it('a room sheet with a row a seat, boxes for the phases it has, and room to write afterwards', async () => {
    const id = await newSession([{ age: 30 }, { name: 'Cy Weir', project: null }]);
    const { sheet } = await roomSheetFeature.make(id, writing);
    const [table] = sheet.sections;
    if (!table || !('rows' in table)) throw new Error('no table');
    const beads = table.columns.findIndex(({ name }) => name === 'Beads');
    const knots = table.columns.findIndex(({ name }) => name === 'Knots');
    const [first, second] = table.rows;
    expect([first![knots], first![beads]]).toEqual([{ text: '', ticks: [''] }, '–']);
    // Of what has no project nothing can be ticked.
    expect([second![knots], second![beads]]).toEqual(['–', '–']);
    expect(table.rows.every((row) => row.length === table.columns.length)).toBe(true);
  });
});
