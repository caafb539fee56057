import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { thinned } from '../../../src/ui/strip/paint/thinned';

type Place = readonly [number, number];

/** How far a place is from a line of straight stretches. */
function offLine([x, y]: Place, line: readonly Place[]): number {
  return Math.min(
    ...line.slice(1).map(([bx, by], i) => {
      const [ax, ay] = line[i]!;
      const [dx, dy] = [bx - ax, by - ay];
      const t = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)));
      return Math.hypot(x - ax - t * dx, y - ay - t * dy);
    }),
  );
}

const places = fc.array(fc.tuple(fc.integer({ min: -500, max: 500 }), fc.integer({ min: -500, max: 500 })), {
  minLength: 2,
  maxLength: 40,
});

describe('a line without the places nobody sees', () => {
  it('is of its own places in their order, from its first to its last', () => {
    fc.assert(
      fc.property(places, (line) => {
        const kept = thinned(line, 0.7);
        expect([kept[0], kept.at(-1)]).toEqual([line[0], line.at(-1)]);
        let from = 0;
        for (const place of kept) {
          from = line.indexOf(place as [number, number], from) + 1;
          expect(from).toBeGreaterThan(0);
        }
      }),
    );
  });

  it('goes by no place further off than it may', () => {
    fc.assert(
      fc.property(places, (line) => {
        const kept = thinned(line, 3);
        for (const place of line) expect(offLine(place, kept)).toBeLessThanOrEqual(3 + 1e-9);
      }),
    );
  });

  it('keeps a corner and leaves out what lies on the way to it', () => {
    const line = [0, 1, 2, 3, 4].map((x): Place => [x, 0]);
    expect(thinned([...line, [4, 5], [4, 9]], 0.7)).toEqual([
      [0, 0],
      [4, 0],
      [4, 9],
    ]);
  });

  it('keeps out and back, and a line that comes back to where it began', () => {
    expect(
      thinned(
        [
          [0, 0],
          [10, 0],
          [0, 0],
        ],
        0.7,
      ),
    ).toHaveLength(3);
  });
});
