import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../catalogue';
import { kitCost, sessionNeeds, sharedTools, sparesOf, totalCost } from '../../src/core/kit';
import { solveLanes } from '../../src/core/lanes';
import {
  cutsByItem,
  lacking,
  lanesFrom,
  lanesProblem,
  layoutFault,
  moveCut,
  planSeat,
  withLocked,
  type BagCut,
} from '../../src/core/session';
import { STARTING_FIGURES } from '../../src/core/studio';
import { seat } from './seat';

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
