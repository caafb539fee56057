import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { closedParts, ringFor, ringOf, type Ring } from '../../../src/core/drawing';
import { planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';

/** A place of the ring in the plane that it lies in, from how it is seen: the tilt is that of a place that is known. */
function plane(ring: Ring): (along: number) => readonly [number, number] {
  const sin = ring.matrix(ring.gap / 2 + ring.turn / 2)[5] / -ring.r;
  return (along) => {
    const [down, across] = ring.seen([0, along, 0]);
    return [across, down / sin];
  };
}

describe('the ring that a band closes to', () => {
  it('is as long as the band and its closure, whatever of it is rigid, and meets itself', () => {
    const any = fc.record({
      turn: fc.double({ min: 90, max: 420, noNaN: true }),
      gap: fc.double({ min: 0, max: 40, noNaN: true }),
      share: fc.constantFrom(0, 0.5, 1),
    });
    fc.assert(
      fc.property(any, ({ turn, gap, share }) => {
        const ring = ringFor(turn, gap, gap * share);
        const place = plane(ring);
        const steps = 2000;
        const points = Array.from({ length: steps + 1 }, (_, i) => place(gap / 2 - turn / 2 + (i / steps) * turn));
        const long = points
          .slice(1)
          .reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i]![0], y - points[i]![1]), 0);
        expect(Math.abs(long - turn) / turn).toBeLessThan(0.005);
        expect(Math.hypot(points[0]![0] - points[steps]![0], points[0]![1] - points[steps]![1])).toBeLessThan(
          0.01 * turn,
        );
      }),
    );
  });

  it('is looked at from the closure: that is in front and flat, the far side shows its inside, over it', () => {
    const ring = ringFor(180, 20, 0);
    const [near, far] = [ring.matrix(10), ring.matrix(100)];
    expect(near[0]).toBe(1);
    expect(near[3]).toBeGreaterThan(0);
    expect(far[0]).toBeCloseTo(-1);
    expect(far[3]).toBeLessThan(0);
    expect(far[5]).toBeLessThan(near[5]);
    // What lies outward of the band comes forward where it is near, and goes back where it is far.
    expect(ring.seen([0, 10, 1])[2]).toBe(1);
    expect(ring.seen([0, 100, 1])[2]).toBe(-1);
  });

  it('is that of the turn it closes in, of a band that goes round more often', () => {
    const plan = planSeat(seat({ project: 'ladder-wrap', options: { wraps: 4 } }), SHIPPED, STARTING_FIGURES);
    const ring = ringOf(plan)!;
    expect(ring.turn * 4 - ring.gap).toBeGreaterThan(plan.fit!.knotted_mm * 0.9);
    expect(ring.turn).toBeLessThan(plan.fit!.knotted_mm / 3);
    expect(ringOf(planSeat(seat({ size: null }), SHIPPED, STARTING_FIGURES))).toBeNull();
  });
});

describe('ends that are tied with each other', () => {
  it('go round each other and apart, clear of one another', () => {
    const plan = planSeat(seat({ project: 'petal-arms' }), SHIPPED, STARTING_FIGURES);
    const long = closedParts(plan).closing.filter(({ item }) => item.part.end === 'long');
    expect(new Set(long.map(({ outward }) => outward))).toEqual(new Set([1, -1]));
    const strands = long.flatMap((part) => part.strands);
    // Of six strands one ends under the wrap at each end.
    expect(strands).toHaveLength(10);
    // The first point is where they leave the band.
    const lines = strands.map(({ points }) => points.slice(1));
    const least = Math.min(
      ...lines.flatMap((one, i) =>
        lines
          .slice(i + 1)
          .flatMap((two) =>
            one.flatMap((p) => two.map((q) => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]) / strands[0]!.d)),
          ),
      ),
    );
    expect(least).toBeGreaterThan(0.9);
  });
});

describe('parts of a closed piece', () => {
  it('stand over the closure: ends from their own side, and what grips the other end past the middle', () => {
    // Two sliding knots, each round the other end's tail: they meet in the middle of what stands between the ends.
    const plan = planSeat(seat({ project: 'single-centre-knot' }), SHIPPED, STARTING_FIGURES);
    const { gap } = ringOf(plan)!;
    const { closing } = closedParts(plan);
    const of = (which: string) =>
      closing.filter(({ item }) => item.id === which).map(({ outward, at }) => [outward, at]);
    expect(of('slide')).toEqual([
      [-1, expect.closeTo(gap / 2, 1)],
      [1, expect.closeTo(gap / 2, 1)],
    ]);
    // Their tails begin at the band's own ends.
    expect(of('tail')).toEqual([
      [-1, expect.closeTo(gap, 1)],
      [1, expect.closeTo(0, 1)],
    ]);
  });

  it('within the band are each on the side of the ring that they are nearer to, once', () => {
    const plan = planSeat(seat({ project: 'ring-centre' }), SHIPPED, STARTING_FIGURES);
    const ring = ringOf(plan)!;
    const { within } = closedParts(plan);
    expect(within.length).toBeGreaterThan(0);
    for (const { at } of within) expect(Math.abs(ring.angle(at))).toBeLessThanOrEqual(Math.PI);
    const keys = within.map(({ item, outward }) => `${item.id} ${outward}`);
    expect(new Set(keys).size).toBe(keys.length);
  });
});
