import fc from 'fast-check';
import load from 'highs';
import { describe, expect, it } from 'vitest';
import { solveLanes, type LanesPlan, type LanesProblem } from '../../../src/core/lanes';
import { modelsOf } from '../../../src/solver/highs';
import { expectValid, firstFit, leastFresh } from '../examples/lanes-check';

const makeModel = modelsOf(await load());
const solve = (problem: LanesProblem, seconds = 5): LanesPlan => {
  const plan = solveLanes(problem, { seconds, now: () => performance.now(), makeModel });
  expectValid(problem, plan);
  return plan;
};

/** Chance that is the same at every run. */
function chance(seed: number): (least: number, most: number) => number {
  let state = seed;
  return (least, most) => {
    state = (state * 48_271) % 2_147_483_647;
    return least + (state % (most - least + 1));
  };
}

/** Packs cut up without rest into so many pieces each: the packs themselves are an optimum. */
function cutUp(packs: number, length: number, each: number, step: number, seed: number): LanesProblem {
  const int = chance(seed);
  const cuts: number[] = [];
  for (let pack = 0; pack < packs; pack++) {
    let rest = length;
    for (let i = each; i > 1; i--) {
      const mm = Math.round(int(Math.floor((0.5 * rest) / i), Math.floor((1.5 * rest) / i)) / step) * step;
      cuts.push(mm);
      rest -= mm;
    }
    cuts.push(rest);
  }
  return {
    loss_mm: 0,
    keep_mm: 300,
    stock: [{ id: 'pack', length_mm: length, fresh: true, count: packs * 3 }],
    cuts: cuts.map((length_mm, i) => ({ id: `c${i}`, length_mm })),
  };
}

describe('cutting lanes', () => {
  it.each([
    ['ten packs in fifteen', cutUp(10, 30_000, 15, 1, 3)],
    ['ten packs in four', cutUp(10, 9000, 4, 1, 5)],
    ['twenty packs in three', cutUp(20, 6000, 3, 1, 7)],
    ['thirty packs in six, to the centimetre', cutUp(30, 12_000, 6, 10, 11)],
  ])(
    'finds the known least fresh stock: %s',
    (_, problem) => {
      const packs = problem.stock[0]!.count! / 3;
      const least = packs * problem.stock[0]!.length_mm;
      // It ends once it is proven: the seconds are for a machine that is busy.
      const plan = solve(problem, 25);
      expect(plan.fresh_mm).toBeLessThanOrEqual(least * 1.025);
      expect(plan.fresh_bound_mm).toBeLessThanOrEqual(least);
      expect(plan.unplaced).toEqual([]);
      expect(plan.fresh_mm).toBe(plan.fresh_bound_mm);
    },
    60_000,
  );

  it('keeps to the order of its aims, worked by hand', () => {
    // 1,830 × 4 = 7,320 goes into the started spool of 9,400 and leaves 2,080 to keep: nothing fresh is opened.
    const spool = { id: 's1', length_mm: 9400, fresh: false };
    const pack = { id: 'pack', length_mm: 30_000, fresh: true, count: 50 };
    const plan = solve({
      loss_mm: 0,
      keep_mm: 300,
      stock: [spool, pack],
      cuts: [{ id: 'c1', length_mm: 1830, count: 4 }],
    });
    expect(plan.lanes).toEqual([{ stock: 's1', cuts: ['c1', 'c1', 'c1', 'c1'], remnant_mm: 2080 }]);
    expect(plan).toMatchObject({ fresh_mm: 0, fresh_bound_mm: 0, scrap_mm: 0, unplaced: [] });

    // With 5 mm lost a cut, 5 × 1,876 + 25 = 9,405 does not go into 9,400; four do.
    const lost = solve({
      loss_mm: 5,
      keep_mm: 300,
      stock: [spool, pack],
      cuts: [{ id: 'c', length_mm: 1876, count: 5 }],
    });
    expect(lost.fresh_mm).toBe(30_000);

    // 500 and 700 could share the 1,300 and leave 100 of scrap; 700 from 1,300 and 500 from 500 leave none (600 is kept).
    const scrap = solve({
      loss_mm: 0,
      keep_mm: 300,
      stock: [
        { id: 'a', length_mm: 1300, fresh: false },
        { id: 'b', length_mm: 500, fresh: false },
      ],
      cuts: [
        { id: 'x', length_mm: 500 },
        { id: 'y', length_mm: 700 },
      ],
    });
    expect(scrap.scrap_mm).toBe(0);
    expect(new Map(scrap.lanes.map((lane) => [lane.stock, lane.cuts]))).toEqual(
      new Map([
        ['b', ['x']],
        ['a', ['y']],
      ]),
    );

    // Both fit either piece and leave enough to keep: one piece touched, not two.
    const touched = solve({
      loss_mm: 0,
      keep_mm: 100,
      stock: [
        { id: 'a', length_mm: 2000, fresh: false },
        { id: 'b', length_mm: 2000, fresh: false },
      ],
      cuts: [{ id: 'x', length_mm: 500, count: 2 }],
    });
    expect(touched.lanes).toHaveLength(1);

    // Two short packs (2 × 4,000) are less fresh stock than one long (10,000), although one more piece.
    const sizes = solve({
      loss_mm: 0,
      keep_mm: 300,
      stock: [
        { id: 'long', length_mm: 10_000, fresh: true, count: 9 },
        { id: 'short', length_mm: 4000, fresh: true, count: 9 },
      ],
      cuts: [{ id: 'x', length_mm: 1900, count: 4 }],
    });
    expect(sizes).toMatchObject({ fresh_mm: 8000, fresh_bound_mm: 8000 });
  });

  it('says what cannot be placed, and places the rest', () => {
    const plan = solve({
      loss_mm: 0,
      keep_mm: 0,
      stock: [{ id: 'a', length_mm: 1000, fresh: false }],
      cuts: [
        { id: 'long', length_mm: 1200 },
        { id: 'x', length_mm: 400, count: 3 },
      ],
    });
    expect(plan.unplaced).toEqual(['long', 'x']);
    expect(plan.lanes).toEqual([{ stock: 'a', cuts: ['x', 'x'], remnant_mm: 200 }]);
    expect(solve({ loss_mm: 0, keep_mm: 0, stock: [], cuts: [{ id: 'x', length_mm: 1 }] }).unplaced).toEqual(['x']);
    expect(solve({ loss_mm: 0, keep_mm: 0, stock: [], cuts: [] }).lanes).toEqual([]);
  });

  it('reckons with tenths where a length has them', () => {
    // 3 × 333.4 = 1,000.2 does not go into 1,000; 3 × 333.3 does.
    const of = (mm: number) =>
      solve({
        loss_mm: 0,
        keep_mm: 0,
        stock: [{ id: 'a', length_mm: 1000, fresh: false }],
        cuts: [{ id: 'x', length_mm: mm, count: 3 }],
      });
    expect(of(333.4).unplaced).toEqual(['x']);
    expect(of(333.3)).toMatchObject({ unplaced: [], lanes: [{ remnant_mm: 0.1 }] });
  });

  it('holds with lengths to the hundredth of a millimetre, where every length is another', () => {
    const int = chance(7);
    const fine = (least: number, most: number): number => int(least * 100, most * 100) / 100;
    const problem: LanesProblem = {
      loss_mm: 0.37,
      keep_mm: 300,
      stock: [
        ...Array.from({ length: 12 }, (_, i) => ({ id: `o${i}`, length_mm: fine(2000, 20_000), fresh: false })),
        { id: 'pack', length_mm: 30_000.25, fresh: true, count: 20 },
      ],
      cuts: Array.from({ length: 90 }, (_, i) => ({ id: `c${i}`, length_mm: fine(900, 4000) })),
    };
    const plan = solve(problem, 1);
    expect(plan.unplaced).toEqual([]);
    expect(plan.fresh_mm).toBeLessThanOrEqual(firstFit(problem).fresh);
    expect(plan.fresh_bound_mm).toBeLessThanOrEqual(plan.fresh_mm);
  });

  it('is the least by trying everything, and its bound never above it', () => {
    const small = fc.record({
      loss_mm: fc.constantFrom(0, 3),
      keep_mm: fc.constantFrom(0, 200),
      stock: fc
        .array(
          fc.record({
            length_mm: fc.integer({ min: 300, max: 1500 }),
            fresh: fc.boolean(),
            count: fc.integer({ min: 1, max: 2 }),
          }),
          { minLength: 1, maxLength: 4 },
        )
        .map((all) => all.map((piece, i) => ({ ...piece, id: `s${i}` }))),
      cuts: fc
        .array(fc.record({ length_mm: fc.integer({ min: 100, max: 900 }), count: fc.integer({ min: 1, max: 2 }) }), {
          minLength: 1,
          maxLength: 4,
        })
        .map((all) => all.map((cut, i) => ({ ...cut, id: `c${i}` }))),
    });
    fc.assert(
      fc.property(small, (problem) => {
        const plan = solve(problem, 0.5);
        const least = leastFresh(problem);
        if (least === null) expect(plan.unplaced.length).toBeGreaterThan(0);
        else {
          expect(plan.unplaced).toEqual([]);
          expect(plan.fresh_mm).toBe(least);
          expect(plan.fresh_bound_mm).toBeLessThanOrEqual(least);
        }
      }),
      { numRuns: 60, seed: 8 },
    );
  });

  it('is never worse than first fit decreasing, however short the time', () => {
    const int = chance(17);
    for (const seconds of [0.001, 1]) {
      const problem: LanesProblem = {
        loss_mm: 4,
        keep_mm: 300,
        stock: [
          ...Array.from({ length: 59 }, (_, i) => ({ id: `o${i}`, length_mm: int(300, 9000), fresh: false })),
          { id: 'pack', length_mm: 30_000, fresh: true, count: 100 },
        ],
        cuts: Array.from({ length: 500 }, (_, i) => ({ id: `c${i}`, length_mm: int(300, 3000) })),
      };
      const plan = solve(problem, seconds);
      const plain = firstFit(problem);
      expect(plan.unplaced.length).toBeLessThanOrEqual(plain.unplaced);
      expect(plan.fresh_mm).toBeLessThanOrEqual(plain.fresh);
    }
  });

  it('tells each better plan, every one of them valid', () => {
    const problem = cutUp(6, 6000, 4, 1, 23);
    const told: LanesPlan[] = [];
    solveLanes(problem, { seconds: 3, now: () => performance.now(), makeModel, onBetter: (plan) => told.push(plan) });
    expect(told.length).toBeGreaterThan(0);
    told.forEach((plan) => expectValid(problem, plan));
    const fresh = told.map((plan) => plan.fresh_mm);
    expect(fresh).toEqual([...fresh].sort((a, b) => b - a));
  });
});
