import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import * as checks from '../../../src/http/checks';
import { STARTING_FIGURES } from '../../../src/core/studio';

const ID = '6f1c1c2e-0f5b-4c3a-9a53-3f3c2a0a7d11';
const CORD = 'cord/sheathed-4/race';
type Body = Readonly<Record<string, unknown>>;

/** What each endpoint takes, whole. */
const GOOD: Readonly<Record<keyof typeof checks, Body>> = {
  checkNothing: {},
  checkVersion: { version: 3 },
  checkErasing: { version: 3, traces: [{ place: 'seat note', key: ID }], dumps: 'remake' },
  checkSeatRemoval: { session: ID, version: 3 },
  checkList: {
    text: 'Ada 16.5 cm',
    said: {
      spans: [{ line: 1, from: 0, to: 3, as: 'name' }],
      columns: { 2: 'wrist' },
      words: [{ text: 'weir band', as: 'project', means: 'peg-band' }],
    },
  },
  checkWord: { text: 'weir band', as: 'project', means: 'peg-band' },
  checkWords: { version: 3, words: [{ text: 'weir band', as: 'project', means: 'peg-band' }] },
  checkNewSession: {
    id: ID,
    session: { title: 'Tide club', held_on: '2030-05-01', starts_at: '18:30', minutes: 90, place: 'Loft' },
  },
  checkSessionEdit: { version: 1, changes: { title: 'Ebb club' } },
  checkNewSeats: { seats: [{ id: ID, name: 'Ada', wrist_mm: 165, wrist_method: 'tape', age: 9, avoid: ['nickel'] }] },
  checkSeatEdit: {
    version: 1,
    person_version: 2,
    changes: { wrist_mm: 165, options: { colours: 2 }, wishes: ['reed'] },
  },
  checkSeatEdits: { edits: [{ id: ID, version: 1, person_version: 2, changes: { accepted: true } }] },
  checkNoted: { made_at: '2030-05-01T10:00:00.000Z' },
  checkCutNote: { version: 1, cut: true, seen: ['a|b'] },
  checkSettings: {
    version: 1,
    settings: { name: 'Weir loft', units: 'cm', paper: 'a4', school: 'measured', figures: STARTING_FIGURES },
  },
  checkCord: { version: 1, doc: SHIPPED.cords['sheathed-4'] },
  checkHardware: { version: 1, doc: SHIPPED.hardware['buckle-15'] },
  checkProjectSave: { base: null, doc: SHIPPED.projects['petal-arms'] },
  checkProjectRead: { doc: SHIPPED.projects['fob-ring'] },
  checkPersonEdit: {
    version: 1,
    changes: { name: 'Ada', age: null, avoid: [], wrist: { mm: 165, method: 'tape', taken_on: '2030-05-01' } },
  },
  checkReceipts: {
    key: ID,
    receipts: [{ item: CORD, note: '', lots: [{ kind: 'spool', amount: 30_000, place: 'Shelf 1', tare: 42.5 }] }],
  },
  checkLotMove: { key: ID, kind: 'count', amount: 0, note: '' },
  checkLotLabel: { version: 1, place: '', tare: null },
  checkKey: { key: ID },
  checkItemEdit: {
    version: 1,
    doc: {
      id: CORD,
      name: 'Sheathed nylon 4 mm, Race blue',
      pack: 30_000,
      price: 1250,
      lead_days: 5,
      mass: null,
    },
  },
  checkStockList: { text: 'item,amount', counting: false },
  checkOrders: { key: ID, lines: [{ item: CORD, pack: 30_000, packs: 2 }] },
  checkDelivery: { key: ID, packs: 1, place: '' },
  checkReserve: {
    version: 1,
    key: ID,
    layout: [
      {
        item: CORD,
        bound_mm: 0,
        lanes: [{ stock: 'lot', length_mm: 9400, cuts: [{ id: 'a', mm: 1830 }], locked: [] }],
      },
    ],
  },
  checkIssue: { version: 1, key: ID },
  checkTicks: { version: 1, ticks: ['buckles'] },
  checkLeftovers: { key: ID, leftovers: [{ item: CORD, amounts: [1200, 480] }] },
  checkLabels: { kind: 'bags' },
  checkSaid: { entries: [{ key: ID, seat: ID, what: 'made', value: 5, ago_ms: 1200 }] },
  checkSeat: { seat: ID },
  checkPairing: { code: 'ABCD2345' },
  checkRecords: { records: [{ key: ID, seat: ID, said: { left: { 0: { mm: [120, 90] } }, half_knots: 24 } }] },
  checkWrap: {
    version: 1,
    wrap: { tools: { scissors: { out: 3, in: 2 } }, nothing: [ID], returned_on: null },
  },
  checkFigureWish: { key: ID, figure: 'use/square-knot/satin-2/new', how: 'set', value: 1.04, by: 'Morwen' },
  checkFigureTrial: { figure: 'figure/draw_new', how: 'accepted' },
  checkTakenBack: { key: ID, change: 3, by: '' },
  checkHistory: { text: 'date;project', take: false },
};
/** What need not be said. */
const OPTIONAL: readonly string[] = ['said', 'value', 'traces', 'dumps'];
const NAMES = Object.keys(GOOD) as (keyof typeof checks)[];

/** The same with the value at a pointer replaced; `undefined` takes it away. */
function changed(body: Body, pointer: string, value: unknown): unknown {
  const copy = structuredClone(body) as Record<string, unknown>;
  const path = pointer.slice(1).split('/');
  const last = path.pop()!;
  let at: Record<string, unknown> = copy;
  for (const step of path) at = at[step] as Record<string, unknown>;
  if (value === undefined) delete at[last];
  else at[last] = value;
  return copy;
}

describe('what the endpoints take', () => {
  it.each(NAMES)('%s: its body, and nothing beside it', (name) => {
    expect(checks[name](GOOD[name])).toMatchObject({ ok: true });
    // A field that nobody knows is a slip of a client, and said so by its name.
    expect(checks[name]({ ...GOOD[name], colour: 'blue' })).toEqual({
      ok: false,
      fault: { at: '/colour', error: '“colour” is not known here' },
    });
    for (const other of [null, [], 'text', 7]) expect(checks[name](other).ok).toBe(false);
  });

  it.each(NAMES.flatMap((name) => Object.keys(GOOD[name]).map((field): [typeof name, string] => [name, field])))(
    '%s: not without its %s where it must have one, nor with something else in it',
    (name, field) => {
      const missing = checks[name](changed(GOOD[name], `/${field}`, undefined));
      if (OPTIONAL.includes(field)) expect(missing.ok).toBe(true);
      else expect(missing).toEqual({ ok: false, fault: { at: `/${field}`, error: `“${field}” is missing` } });
      const other = checks[name](changed(GOOD[name], `/${field}`, { not: 'this' }));
      expect(other.ok).toBe(false);
      if (!other.ok) expect(other.fault.at.startsWith(`/${field}`)).toBe(true);
    },
  );

  const refused: readonly (readonly [keyof typeof checks, string, unknown])[] = [
    ['checkNewSession', '/id', 'first'],
    ['checkNewSession', '/session/title', '   '],
    ['checkNewSession', '/session/title', 'x'.repeat(121)],
    ['checkNewSession', '/session/held_on', '2030-02-30'],
    ['checkNewSession', '/session/held_on', '1 May 2030'],
    ['checkNewSession', '/session/starts_at', '24:00'],
    ['checkNewSession', '/session/starts_at', '6:30'],
    ['checkNewSession', '/session/minutes', 9],
    ['checkNewSession', '/session/minutes', 45.5],
    ['checkSessionEdit', '/version', 0],
    ['checkSessionEdit', '/changes', {}],
    ['checkNewSeats', '/seats', []],
    ['checkNewSeats', '/seats/0/name', ''],
    ['checkNewSeats', '/seats/0/age', -1],
    ['checkNewSeats', '/seats/0/age', 121],
    ['checkNewSeats', '/seats/0/age', 9.5],
    ['checkNewSeats', '/seats/0/wrist_mm', 89],
    ['checkNewSeats', '/seats/0/wrist_mm', 281],
    ['checkNewSeats', '/seats/0/wrist_mm', '165'],
    ['checkNewSeats', '/seats/0/wrist_method', 'guess'],
    ['checkNewSeats', '/seats/0/avoid', ['wool']],
    ['checkNewSeats', '/seats/0/avoid', ['nickel', 'nickel']],
    ['checkNewSeats', '/seats/0/hand_mm', 361],
    ['checkNewSeats', '/seats/0/band_mm', 19],
    ['checkNewSeats', '/seats/0/note', 'x'.repeat(501)],
    ['checkSeatEdit', '/changes/project', 'Buckle Band'],
    ['checkSeatEdit', '/changes/skill', 'expert'],
    ['checkSeatEdit', '/changes/options', { wraps: 5 }],
    ['checkSeatEdit', '/changes/cords', { rope: { cord: 'satin-2' } }],
    ['checkSeatEdit', '/changes/wishes', ['a', 'b', 'c', 'd', 'e', 'f', 'g']],
    ['checkSeatEdit', '/changes/version', 3],
    ['checkPersonEdit', '/changes/wrist/method', 'estimate'],
    ['checkPersonEdit', '/changes/wrist/mm', 89.5],
    ['checkPersonEdit', '/changes/wrist/taken_on', 'today'],
    ['checkReceipts', '/receipts/0/item', 'rope'],
    ['checkReceipts', '/receipts/0/lots', []],
    ['checkReceipts', '/receipts/0/lots/0/amount', 0],
    ['checkReceipts', '/receipts/0/lots/0/amount', 1.5],
    ['checkReceipts', '/receipts/0/lots/0/kind', 'heap'],
    ['checkReceipts', '/receipts/0/lots/0/tare', -1],
    ['checkLotMove', '/kind', 'receive'],
    ['checkLotMove', '/amount', -1],
    ['checkLotMove', '/note', 'x'.repeat(201)],
    ['checkOrders', '/lines/0/packs', 0],
    ['checkDelivery', '/packs', 1001],
    ['checkReserve', '/layout/0/lanes/0/cuts/0/mm', -5],
    ['checkLeftovers', '/leftovers/0/amounts', [0]],
    ['checkLabels', '/kind', 'everything'],
    ['checkSaid', '/entries/0/what', 'shout'],
    ['checkSaid', '/entries/0/ago_ms', -1],
    ['checkSeat', '/seat', 'three'],
    ['checkPairing', '/code', ''],
    ['checkSettings', '/settings/figures/ease_easy', -3],
    ['checkSettings', '/settings/units', 'ells'],
    ['checkCord', '/doc/diameter_mm', 0],
    ['checkCord', '/doc/compression', 1.2],
    ['checkCord', '/doc/colours', []],
    ['checkHardware', '/doc/opening_mm', 'wide'],
    ['checkProjectSave', '/base', 0],
    ['checkProjectSave', '/doc/format', 'lapboard-session'],
    ['checkProjectSave', '/doc/cords', []],
    ['checkItemEdit', '/doc/lead_days', -1],
  ];
  it.each(refused)('%s refuses %s of %j, at that place', (name, pointer, value) => {
    const found = checks[name](changed(GOOD[name], pointer, value));
    expect(found.ok).toBe(false);
    // At the field itself, or inside what was put there.
    if (!found.ok)
      expect(`${found.fault.at}/`).toContain(pointer.startsWith('/doc/cords') ? '/doc/cords' : `${pointer}`);
  });

  it('takes at most a thousand seats, and a list that one can paste', () => {
    const seats = (n: number) => ({ seats: Array.from({ length: n }, () => ({ id: ID, name: 'Ada' })) });
    expect(checks.checkNewSeats(seats(1000)).ok).toBe(true);
    expect(checks.checkNewSeats(seats(1001))).toMatchObject({ ok: false, fault: { at: '/seats' } });
    expect(checks.checkList({ ...GOOD.checkList, text: 'x'.repeat(900_001) })).toMatchObject({
      ok: false,
      fault: { at: '/text' },
    });
  });
});
