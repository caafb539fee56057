import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import {
  consumableNeeds,
  consumablesOf,
  kitCost,
  sessionNeeds,
  sharedTools,
  sparesOf,
  totalCost,
} from '../../../src/core/kit';
import { solveLanes } from '../../../src/core/lanes';
import {
  cutsByItem,
  lacking,
  lanesFrom,
  lanesProblem,
  layoutFault,
  moveCut,
  withLocked,
  type BagCut,
} from '../../../src/core/layout';
import { planSeat } from '../../../src/core/seat';
import { ItemSchema, namedItem, newItem, type Item } from '../../../src/core/shelf';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { checker } from '../../../src/formats/check';
import { seat } from '../examples/seat';

const checkItem = checker(ItemSchema);

const plans = ['Ada', 'Bo'].map((label) =>
  planSeat(seat({ label, size: { wrist: 165 }, project: 'band-buckle' }), SHIPPED, STARTING_FIGURES),
);
const staged = plans.map((plan, i) => ({ id: `seat-${i}`, plan, accepted: false }));

describe('kits', () => {
  it('need every cord with its loss, and hardware with spares', () => {
    const needs = sessionNeeds(plans, STARTING_FIGURES, []);
    const { cord, colour, length_mm } = plans[0]!.cut!.cuts[0]!;
    expect(needs).toEqual([
      { item: `cord/${cord}/${colour}`, amount: 2 * (length_mm + 4), lengths: [length_mm + 4, length_mm + 4] },
      { item: 'hardware/buckle-15', amount: 3, lengths: [] },
    ]);
    expect([1, 20, 21, 100].map((n) => sparesOf(n, STARTING_FIGURES))).toEqual([1, 1, 2, 5]);
  });

  it('share tools by ratio, rounded up', () => {
    const room = Array.from({ length: 7 }, () => ({ items: [], tools: ['scissors', 'small lighter', 'awl'] }));
    expect(sharedTools(room, STARTING_FIGURES).map(({ tool, count }) => [tool, count])).toEqual([
      ['awl', 7],
      ['scissors', 3],
      ['small lighter', 1],
    ]);
  });

  it('use up whole consumables: so many seats to one, of those who have a piece', () => {
    const room = (pieces: number, without = 0) => [
      ...Array.from({ length: pieces }, () => plans[0]!),
      ...Array.from({ length: without }, () => ({ items: [], tools: [] })),
    ];
    const used = (pieces: number, without?: number) =>
      consumableNeeds(room(pieces, without), [
        { item: 'consumable/kit-bag', seats: 1 },
        { item: 'consumable/label-roll', seats: 40 },
      ]).map(({ amount }) => amount);
    expect(used(12)).toEqual([12, 1]);
    expect(used(41)).toEqual([41, 2]);
    // Three more who have chosen nothing yet need no bag.
    expect(used(40, 3)).toEqual([40, 1]);
    expect(used(0, 3)).toEqual([]);
  });

  it('count only the consumables that the studio says how far they go', () => {
    const item = (id: string, seats?: number): Item => ({ ...newItem(id, id), ...(seats && { seats }) });
    const shelf = [
      item('consumable/kit-bag', 1),
      item('consumable/glue-dots'),
      item('tool/clip', 3),
      item('hardware/x'),
    ];
    expect(consumablesOf(shelf)).toEqual([{ item: 'consumable/kit-bag', seats: 1 }]);
    const needs = sessionNeeds(plans, STARTING_FIGURES, consumablesOf(shelf));
    expect(needs.at(-1)).toEqual({ item: 'consumable/kit-bag', amount: 2, lengths: [] });
    // A share of a label roll is in each kit's cost.
    const cost = (seats: number) =>
      kitCost(plans[0]!, { 'consumable/kit-bag': 30 }, STARTING_FIGURES, [{ item: 'consumable/kit-bag', seats }]).minor;
    expect(cost(1) - cost(3)).toBeCloseTo(20, 9);
  });

  it('lay out what a piece is held by, with what its parts take', () => {
    const board = planSeat(seat({ project: 'peg-band' }), SHIPPED, STARTING_FIGURES);
    expect(board.tools).toEqual(expect.arrayContaining(['clip', 'peg board', 'scissors']));
    const laid = sharedTools([board, board, board, board], STARTING_FIGURES);
    // A board and a clip a seat; scissors by the studio's ratio, three seats to a pair.
    expect(laid.map(({ tool, item, count }) => [tool, item, count])).toEqual(
      expect.arrayContaining([
        ['peg board', 'tool/peg-board', 4],
        ['clip', 'tool/clip', 4],
        ['scissors', 'tool/scissors', 2],
      ]),
    );
  });

  it('know a thing by its name, however it is written', () => {
    expect(namedItem('tool', 'Peg board')).toBe(namedItem('tool', '  peg   BOARD '));
    expect(namedItem('consumable', 'Büroklammern, groß')).toMatch(/^consumable\/[a-z0-9-]+$/);
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (name) => {
        expect(checkItem(newItem(namedItem('tool', name), 'x')).ok).toBe(true);
      }),
    );
  });

  it('cost what is known, and say what is not', () => {
    const { cord, colour, length_mm } = plans[0]!.cut!.cuts[0]!;
    const price = { [`cord/${cord}/${colour}`]: 0.03 };
    const cost = kitCost(plans[0]!, price, STARTING_FIGURES, []);
    expect(cost.minor).toBeCloseTo((length_mm + 4) * 0.03, 6);
    expect(totalCost([cost, cost])).toEqual({ minor: cost.minor * 2, unknown: ['hardware/buckle-15'] });
  });
});

describe('a layout', () => {
  const cuts = [...cutsByItem(staged)];
  const [item, wanted] = cuts[0]!;
  const lots = [
    { id: 'a', number: 1, kind: 'spool', place: '', mm: 9000, fresh: false },
    { id: 'b', number: 2, kind: 'offcut', place: '', mm: wanted[0]!.mm + 4, fresh: false },
  ];
  const problem = lanesProblem(wanted, lots, STARTING_FIGURES);
  const solve = (p: typeof problem) => solveLanes(p, { seconds: 0.2, now: () => performance.now() });

  it('names the seat whose cut changed, is new, or is gone', () => {
    const lanes = lanesFrom(solve(problem), wanted, lots, null);
    const layout = [{ item, bound_mm: 0, lanes }];
    const now = (change: (all: BagCut[]) => BagCut[]) => layoutFault(layout, new Map([[item, change([...wanted])]]));
    expect(now((all) => all)).toBeNull();
    expect(now(([first, ...rest]) => [{ ...first!, mm: first!.mm + 10 }, ...rest])).toMatch(
      /Ada was laid out at \d+ mm/,
    );
    expect(now((all) => [...all, { ...all[0]!, id: 'new', label: 'Cy' }])).toBe('a length for Cy is not laid out');
    expect(now((all) => all.slice(1))).toMatch(/no seat needs now/);
    expect(layoutFault(layout, new Map())).toMatch(/no seat uses now/);
  });

  it('opens fresh spools only where it must; once packs are bought, all of the shelf is there to be used', () => {
    const shelf = [
      { ...lots[0]!, fresh: true },
      { ...lots[1]!, fresh: false },
    ];
    const freshOf = (pack: number | null) =>
      lanesProblem(wanted, shelf, STARTING_FIGURES, pack).stock.map(({ id, fresh }) => [id, fresh]);
    expect(freshOf(null)).toEqual([
      ['a', true],
      ['b', false],
    ]);
    expect(freshOf(30_000)).toEqual([
      ['a', false],
      ['b', false],
      ['buy', true],
    ]);
  });

  it('is at fault for a cord that nobody uses only where something is laid out of it', () => {
    const lanes = lanesFrom(solve(problem), wanted, lots, null);
    const empty = { item: 'cord/satin-2/night', bound_mm: 0, lanes: [] };
    expect(layoutFault([{ item, bound_mm: 0, lanes }, empty], new Map([[item, wanted]]))).toBeNull();
  });

  it('moves a cut where it fits, locks it there, and solves the rest round it', () => {
    const spread = [
      { stock: 'a', length_mm: 9000, cuts: wanted.map(({ id, mm }) => ({ id, mm })), locked: [] },
      { stock: 'b', length_mm: wanted[0]!.mm + 4, cuts: [], locked: [] },
    ];
    const [first] = wanted;
    expect(lacking(spread[1]!, first!.mm, 4)).toBe(0);
    expect(lacking(spread[1]!, first!.mm + 7, 4)).toBe(7);
    const moved = moveCut(spread, first!.id, 1);
    expect(moved.map((lane) => [lane.stock, lane.cuts.length, lane.locked])).toEqual([
      ['a', 1, []],
      ['b', 1, [first!.id]],
    ]);
    const rest = withLocked(problem, moved);
    expect(rest.cuts.map((cut) => cut.id)).toEqual([wanted[1]!.id]);
    expect(rest.stock.map((piece) => piece.id)).toEqual(['a']);
    const lanes = lanesFrom(solve(rest), wanted, lots, null, moved);
    expect(new Map(lanes.map((lane) => [lane.stock, lane.cuts.map((cut) => cut.id)]))).toEqual(
      new Map([
        ['b', [first!.id]],
        ['a', [wanted[1]!.id]],
      ]),
    );
    expect(layoutFault([{ item, bound_mm: 0, lanes }], new Map([[item, wanted]]))).toBeNull();
  });
});
