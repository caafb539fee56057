import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { drawnParts, ringFor, ringOf, tied, type DrawnPart, type Ring } from '../../../src/core/drawing';
import { planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import type { Point } from '../../../src/core/stitch';
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
    const gap = ringOf(plan)!.gap;
    const end = Math.max(...drawnParts(plan).map(({ at }) => at));
    const long = drawnParts(plan).filter(({ item }) => item.part.end === 'long');
    expect(new Set(long.map(({ outward }) => outward))).toEqual(new Set([1, -1]));
    const at = (part: DrawnPart): DrawnPart => {
      const by = part.outward === 1 ? -end : gap;
      return {
        ...part,
        strands: part.strands.map((own) => ({ ...own, points: own.points.map(([x, y, z]): Point => [x, y + by, z]) })),
      };
    };
    const strands = tied(long.map(at), gap).flatMap((part) => part.strands);
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
