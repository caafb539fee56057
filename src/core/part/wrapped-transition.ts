import { bundle, type Point } from '../stitch';
import { origin } from '../studio';
import { n1, noClash, type Part } from './part';
import { wound } from './way/around';
import { straight, wayLength, type Way } from './way/way';

/**
 * One strand wound round all the others and round both legs of a loop that another lays along them, and led through that loop, which is
 * then drawn in under the last turn. The first leg winds, the second is the loop, the others stand.
 */
function wrapWays(strands: number, d: number, times: number): Way[] {
  const all = strands + 2;
  const { places } = bundle(all, d);
  const middle = places.length > 6 ? 1 : 0;
  const reach = Math.hypot(...places[middle]!);
  const step = (2 * Math.PI) / (all - middle);
  const long = (times + 1) * d;
  // Both legs of the loop lie side by side at the right, where the turns come out.
  const x = reach * Math.cos(step / 2);
  const half = (side: 1 | -1): Point[] => [
    [x, 0, (side * d) / 2],
    [x, 0.5 * long, (side * d) / 2],
    [x, long, (side * d) / 2],
    [x + 0.1 * d, long + 0.6 * d, side * 0.95 * d],
    [x + 0.4 * d, long + 1.2 * d, side * 1.05 * d],
    [x + 0.95 * d, long + 1.9 * d, side * 0.75 * d],
  ];
  const loop: Point[] = [...half(1), [x + 1.15 * d, long + 2.4 * d, 0], ...half(-1).reverse()];
  const turns = wound(all, d, times, d, 0.5 * d);
  const winding: Point[] = [
    ...turns,
    [x + 0.85 * d, long + 0.4 * d, 0],
    [x + 0.1 * d, long + 1.5 * d, 0],
    [x + 0.1 * d, long + 3 * d, 0],
  ];
  const others = [
    ...places.slice(0, middle),
    ...Array.from({ length: all - middle - 2 }, (_, i): [number, number] => {
      const angle = (i + 1.5) * step;
      return [reach * Math.cos(angle), reach * Math.sin(angle)];
    }),
  ];
  return [
    { leg: 0, points: winding },
    { leg: 1, points: loop },
    ...others.map(([sx, sz], i): Way => ({ leg: i + 2, points: straight(sx, 0, long + 3 * d, sz) })),
  ];
}

const known = new Map<string, readonly number[]>();

/** Cord of the leg that winds, and of the loop, in diameters. */
function wrapLengths(strands: number, times: number): readonly number[] {
  const key = `${strands} ${times}`;
  const found = known.get(key) ?? wrapWays(strands, 1, times).map(({ points }) => wayLength(points));
  known.set(key, found);
  return found;
}

/** A wrapped transition: one strand wound round all the others so many times, its end drawn under by a loop that lies along them. */
export const transition: Part = {
  slug: 'wrapped-transition',
  name: 'Wrapped transition',
  stretch: 'closure',
  use: ({ d, strands, times, stands }) => {
    const cord = wrapLengths(strands, times)[stands ? 1 : 0]!;
    const way = `${n1(cord)} × ${n1(d)}`;
    return {
      mm: cord * d,
      because: origin(
        stands ? 'loop-under-turns' : 'wrapped-round-loop',
        { times, strands, diameters: cord, cord_mm: d },
        stands
          ? `a loop along ${strands} strands under ${times} turns: ${way}`
          : `${times} turns round ${strands} strands and both legs of a loop, and through the loop: ${way}`,
      ),
    };
  },
  ways: ({ d, strands, times }) => wrapWays(strands, d, times),
  along: ({ d, times }) => times * d,
  check: noClash,
  seconds: 60,
  tools: [],
  step: 'Lay one strand as a loop along the others. Wind the other round everything, turn beside turn, put its end through the loop, and pull the loop’s own end until the loop lies under the turns.',
};
