import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { geometryDoubt } from '../../../src/core/cord';
import { batches, boardFolds } from '../../../src/core/cut';
import { groupOf, planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';

const total = (changes: Parameters<typeof seat>[0], group?: { wrist: number }): number =>
  planSeat(seat(changes), SHIPPED, STARTING_FIGURES, group).cut!.total_mm;

describe('schools that cut for another size', () => {
  it('size class: all of a class are cut alike, as long as its largest needs', () => {
    const of = (wrist: number) => total({ size: { wrist }, school: 'size-class' });
    expect(of(151)).toBe(of(170));
    expect(of(170)).toBe(total({ size: { wrist: 170 } }));
    expect(of(171)).toBe(of(190));
    expect(of(171)).toBeGreaterThan(of(170));
    // Past the last class, a seat is cut for its own wrist.
    expect(of(230)).toBe(total({ size: { wrist: 230 } }));
  });

  it('try on: everybody as the largest of the group, with headroom', () => {
    const seats = [150, 168, 195].map((wrist) => seat({ size: { wrist } }));
    const group = groupOf(seats);
    expect(group.wrist).toBe(195);
    const cuts = seats.map((s) => planSeat({ ...s, school: 'try-on' }, SHIPPED, STARTING_FIGURES, group).cut!);
    expect(new Set(cuts.map((c) => c.total_mm)).size).toBe(1);
    expect(cuts[0]!.total_mm).toBe(total({ size: { wrist: 205 } }));
    // The smaller the wrist, the more is left.
    expect(cuts[0]!.left_mm).toBeGreaterThan(cuts[2]!.left_mm);
  });

  it('a band length asked for is cut as asked, by either', () => {
    for (const school of ['size-class', 'try-on'] as const)
      expect(total({ size: { knotted: 150 }, school }, { wrist: 200 })).toBe(total({ size: { knotted: 150 } }));
  });
});

describe('schools that reckon by rule', () => {
  const planned = (project: string, school: 'ratio' | 'core-multiple') =>
    planSeat(seat({ project, school, hand: 205 }), SHIPPED, STARTING_FIGURES);

  it('speak of knotted bands only; any other piece is cut by measure, and says so', () => {
    for (const project of ['single-noose', 'ladder-wrap', 'tube-ladder', 'ring-centre', 'wrapped-three']) {
      for (const school of ['ratio', 'core-multiple'] as const) {
        const { cut, messages } = planned(project, school);
        expect(cut!.rule).toBe('measured');
        expect(cut!.total_mm).toBe(total({ project, hand: 205 }));
        expect(messages.map((m) => m.code)).toContain('school-not-for');
      }
    }
    expect(planned('band-loop-knot', 'core-multiple').cut!.rule).toBe('core-multiple');
    // Sliding tails are beyond the core multiple, not beyond the ratio.
    expect(planned('reversible-slider', 'core-multiple').cut!.rule).toBe('measured');
    expect(planned('reversible-slider', 'ratio').cut!.rule).toBe('ratio');
  });
});

describe('what a cut leaves, and how likely it is too short', () => {
  const { spread_steady, tail_steady, short_cost } = STARTING_FIGURES;
  // How makers differ, and how far geometry may be off.
  const off = Math.hypot(spread_steady, geometryDoubt(STARTING_FIGURES));
  /** The normal distribution, by its series: 1 ÷ 2 + φ(z) (z + z³ ÷ 3 + z⁵ ÷ 15 + …). */
  const normal = (z: number): number => {
    let [term, sum] = [z, z];
    for (let k = 3; k < 200; k += 2) sum += term = (term * z * z) / k;
    return 0.5 + (sum * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI);
  };
  const of = (kind: string, cut: { anatomy: readonly { for: string; mm: number }[] }) =>
    cut.anatomy.filter((entry) => entry.for === kind).reduce((sum, entry) => sum + entry.mm, 0);
  const school = (name: 'measured' | 'ratio' | 'core-multiple') =>
    planSeat(seat({ school: name }), SHIPPED, STARTING_FIGURES).cut!;

  it('measured: tail, allowance and rounding are left, and the chance is a little under the one chosen', () => {
    const { cuts, left_mm, short } = school('measured');
    const [cut] = cuts;
    const spare = of('allowance', cut!) + of('rounding', cut!);
    expect(left_mm).toBeCloseTo(spare + of('tail', cut!), 6);
    expect(short).toBeCloseTo(1 - normal(spare / (off * of('stitches', cut!))), 4);
    expect(short).toBeLessThanOrEqual(1 / (short_cost + 1));
    expect(short).toBeGreaterThan(0.6 / (short_cost + 1));
    // The allowance itself, before it is rounded, is for just that chance: 1 in 60 at a cost of 59.
    expect(1 - normal(of('allowance', cut!) / (off * of('stitches', cut!)))).toBeCloseTo(1 / (short_cost + 1), 5);
  });

  it('by a rule of thumb: what it cuts past what the piece takes, with two tails to hold', () => {
    const [mine] = school('measured').cuts;
    const takes = mine!.length_mm - of('tail', mine!) - of('allowance', mine!) - of('rounding', mine!);
    for (const rule of ['ratio', 'core-multiple'] as const) {
      const { total_mm, left_mm, short } = school(rule);
      expect(left_mm, rule).toBeCloseTo(total_mm - takes, 6);
      const spare = left_mm - 2 * tail_steady;
      expect(short, rule).toBeCloseTo(1 - normal(spare / (off * of('stitches', mine!))), 4);
    }
  });
});

describe('batches', () => {
  const someCuts = fc.array(
    fc.record({
      length_mm: fc.integer({ min: 20, max: 60 }).map((n) => n * 10),
      pieces: fc.integer({ min: 1, max: 4 }),
    }),
    { minLength: 1, maxLength: 7 },
  );

  /** Every way to choose k sizes, tried: the least cord added. */
  function tried(cuts: readonly { length_mm: number; pieces: number }[], k: number): number {
    const lengths = [...new Set(cuts.map((c) => c.length_mm))].sort((a, b) => a - b);
    let best = Infinity;
    for (let mask = 0; mask < 1 << lengths.length; mask++) {
      const sizes = lengths.filter((_, i) => mask & (1 << i));
      if (sizes.length !== k || sizes.at(-1) !== lengths.at(-1)) continue;
      best = Math.min(
        best,
        cuts.reduce((sum, c) => sum + c.pieces * (sizes.find((s) => s >= c.length_mm)! - c.length_mm), 0),
      );
    }
    return best;
  }

  it('add the least that any choice of sizes adds', () => {
    fc.assert(
      fc.property(someCuts, (cuts) => {
        for (const batching of batches(cuts)) expect(batching.added_mm).toBe(tried(cuts, batching.sizes));
      }),
    );
  });

  it('keep every piece, none shorter than it must be, and add less with every size more', () => {
    fc.assert(
      fc.property(someCuts, (cuts) => {
        const all = batches(cuts);
        const pieces = cuts.reduce((sum, c) => sum + c.pieces, 0);
        all.forEach((batching, i) => {
          expect(batching.batches).toHaveLength(batching.sizes);
          expect(batching.batches.reduce((sum, b) => sum + b.pieces, 0)).toBe(pieces);
          expect(batching.batches[0]!.length_mm).toBe(Math.max(...cuts.map((c) => c.length_mm)));
          if (i > 0) expect(batching.added_mm).toBeLessThanOrEqual(all[i - 1]!.added_mm);
        });
        expect(all.at(-1)!.added_mm).toBe(0);
      }),
    );
  });
});

describe('a cut on a short board', () => {
  it('is so many boards and a remainder', () => {
    expect(boardFolds(2560, 500)).toEqual({ boards: 5, remainder_mm: 60 });
    expect(boardFolds(1500, 500)).toEqual({ boards: 3, remainder_mm: 0 });
    expect(boardFolds(430, 500)).toEqual({ boards: 0, remainder_mm: 430 });
  });
});
