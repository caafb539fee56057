import { regionOf } from '../../../src/core/region';
import { randomUUID } from 'node:crypto';
import { expect, it } from 'vitest';
import { DEMO_SESSIONS, loadDemo } from '../../../demo';
import { ledgerCsv, shelfCsv } from '../../../src/app/shelf/shelf-export';
import { projectsCsv, projectsJson } from '../../../src/app/studio/projects-export';
import { sessionDocument, sessionsCalendar } from '../../../src/app/session/session-export';
import { sessionLabels } from '../../../src/app/sheets/labels';
import { paperSheet, SHEETS } from '../../../src/app/sheets';
import { reserveSession } from '../../../src/app/kits/reserve';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, openSession, planOf } from '../../../src/app/session/session';
import { openItem, openLedger } from '../../../src/app/shelf/shelf';
import { moveLot } from '../../../src/app/shelf/move-lot';
import { receiveStock } from '../../../src/app/shelf/receive';
import { readSessionDocument, SessionDocumentSchema } from '../../../src/core/exchange';
import { planSeat, groupOf } from '../../../src/core/seat';
import { checker } from '../../../src/formats/check';
import { today } from '../../../src/app/studio/clock';
import { everything, exported, imported, packed, wholeText } from '../support/archive';
import { emptyStudio, freshStudio } from '../support/database';
import { BUCKLE, CORD, layOut, session, stock } from '../support/shelf';

freshStudio();

it('takes a whole studio away and brings it into an empty one with nothing lost', async () => {
  await loadDemo(today());
  const { lots } = await openItem('cord/sheathed-4/race');
  await moveLot(lots[0]!.id, { key: randomUUID(), kind: 'waste', amount: 120, note: 'frayed' });
  const before = await everything();
  const zip = await exported();

  await expect(imported(zip)).rejects.toMatchObject({ code: 'not-empty' });
  await emptyStudio();
  await imported(zip);
  expect(await everything()).toEqual(before);
  // It goes on from there: the next lot and movement have numbers of their own.
  await receiveStock(randomUUID(), [
    {
      item: 'hardware/buckle-15',
      lots: [{ kind: 'bag', amount: 5, place: '', tare: null }],
      note: '',
    },
  ]);
  const [newest] = await openLedger({});
  expect(newest).toMatchObject({ kind: 'receive', hand: 5 });
});

it('brings in nothing at all when any of it does not fit', async () => {
  await loadDemo(today());
  const tables = await everything();
  await emptyStudio();
  const before = await everything();
  const [lot] = tables.lots!;
  // A movement that takes more than there ever was: the ledger's own guard refuses it.
  const forged = {
    ...tables.movements![0],
    id: 999_999,
    key: randomUUID(),
    kind: 'waste',
    lot: lot!.id,
    hand: -9e6,
    held: 0,
  };
  const bad = packed({ ...tables, movements: [...tables.movements!, forged] });
  await expect(imported(bad)).rejects.toThrow(/would have held less than nothing/);
  expect(await everything()).toEqual(before);
});

it.each([
  [new TextEncoder().encode('not a zip'), /no ZIP/],
  [packed({ people: [{ id: 'x', nickname: 'y' }] }), /people\.json: \/0\/id must be/],
  [packed({ secrets: [] }), /“secrets”, which this version does not know/],
])('says what is wrong with a file that is no studio', async (bytes, words) => {
  await expect(imported(bytes)).rejects.toThrow(words);
});

it('names the file of an archive that is missing or broken', async () => {
  expect(await imported(packed({ people: [] }))).toEqual({ rows: 0 });
  await expect(imported(packed({}))).rejects.toThrow(/manifest\.json/);
});

it('writes a session as the document that plans to the same cuts', async () => {
  await loadDemo(today());
  const view = await openSession(DEMO_SESSIONS.club);
  const document = await sessionDocument(DEMO_SESSIONS.club);
  expect(checker(SessionDocumentSchema)(JSON.parse(JSON.stringify(document)))).toMatchObject({ ok: true });
  const read = readSessionDocument(document, view.studio.catalogue);
  expect(read.ok).toBe(true);
  const seats = read.ok ? read.value : [];
  const group = groupOf(seats);
  const lengths = seats.map((one) =>
    planSeat(one, view.studio.catalogue, view.studio.settings.figures, group).cut?.cuts.map((cut) => cut.length_mm),
  );
  const shown = planOf(view).seats.map(({ plan }) => plan.cut?.cuts.map((c) => c.length_mm));
  expect(lengths).toEqual(shown);
});

it('writes shelf, ledger and calendar in open formats', async () => {
  await loadDemo(today());
  const shelf = (await shelfCsv()).trim().split('\r\n');
  expect(shelf[0]).toBe('lot,item,kind,place,amount,reserved,unit');
  expect(shelf.find((line) => line.includes('"Sheathed nylon 4 mm, Race blue",spool'))).toMatch(/,21500,0,mm$/);
  expect((await wholeText(ledgerCsv())).split('\r\n')[1]).toMatch(
    /^\d+,\d{4}-.*,receive,\d+,cord\/sheathed-4\/race,9400,0,,stock when/,
  );

  const id = randomUUID();
  await createSession(id, { title: '=HYPERLINK("x"), late', held_on: '2030-06-01', starts_at: '18:30', minutes: 90 });
  await addSeats(id, [{ id: randomUUID(), name: 'Ada Quoin' }]);
  const calendar = await sessionsCalendar();
  expect(calendar).toContain('DTSTART:20300601T183000\r\n');
  expect(calendar).toContain('DTEND:20300601T200000\r\n');
  expect(calendar).toContain('SUMMARY:=HYPERLINK("x")\\, late');
  expect(calendar).toContain('1 seat');
  expect(calendar).not.toContain('Quoin');
});

it('writes labels with the letters of every name, 21 a page', async () => {
  const id = randomUUID();
  await createSession(id, { title: 'Names', held_on: '2030-06-01' });
  await addSeats(
    id,
    [
      'Łucja Żółć',
      'Þóra Ægisdóttir',
      '名前',
      '<b>Corin</b>',
      ...Array.from({ length: 20 }, (_, i) => `Guest ${i}`),
    ].map((name) => ({
      id: randomUUID(),
      name,
      wrist_mm: 165,
      wrist_method: 'tape' as const,
      project: 'band-buckle',
    })),
  );
  const { bytes } = await sessionLabels(id, 'bags', () => 'cm', 'http://127.0.0.1:1');
  const pdf = Buffer.from(bytes).toString('latin1');
  expect(pdf.startsWith('%PDF-')).toBe(true);
  const { PDFDocument } = await import('pdf-lib');
  expect((await PDFDocument.load(bytes)).getPageCount()).toBe(2);
});

it('writes the sheets of a session on as many pages as they take, and says what must not be cut by', async () => {
  const view = await session(
    'Sheets',
    '2031-05-04',
    Array.from({ length: 60 }, (_, i) => `Gäst ${i}`),
  );
  const { id } = view.session;
  const { PDFDocument } = await import('pdf-lib');
  for (const sheet of SHEETS) {
    const { file: name } = sheet;
    const of = async (paper: 'a4' | 'letter') =>
      PDFDocument.load(
        await paperSheet(id, sheet, () => ({ units: 'cm', region: regionOf('en-GB'), both: false }), paper),
      );
    const a4 = await of('a4');
    expect(a4.getTitle(), name).toContain('Sheets: ');
    expect(a4.getPage(0).getSize().width, name).toBeCloseTo(595.3, 0);
    expect((await of('letter')).getPage(0).getSize().width, name).toBeCloseTo(612, 0);
    // Sixty rows of 8.5 mm are more than a page; nothing is laid out yet, so that the table’s sheet is its warning alone. The
    // safety card is one for the wall, however many come.
    if (name === 'table-sheet' || name === 'safety-card') expect(a4.getPageCount()).toBe(1);
    else expect(a4.getPageCount(), name).toBeGreaterThan(1);
  }
  await stock(CORD, 400_000);
  await stock(BUCKLE, 200, 'bag');
  await reserveSession(id, view.session.version, randomUUID(), await layOut(view));
  expect(
    (
      await PDFDocument.load(
        await paperSheet(id, SHEETS[1], () => ({ units: 'in', region: regionOf('en-GB'), both: true }), null),
      )
    ).getPageCount(),
  ).toBeGreaterThan(1);
});

it('writes the projects whole as JSON, and a line each as CSV', async () => {
  const { projects } = (await projectsJson()) as { projects: { slug: string }[] };
  const lines = (await projectsCsv()).trim().split('\r\n');
  expect(projects.length).toBe(20);
  expect(lines).toHaveLength(21);
  expect(lines.find((line) => line.includes('peg-band'))).toContain('peg board; clip; scissors');
});
