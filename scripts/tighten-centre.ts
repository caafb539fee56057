// Draws the centre knot tight between two flat faces, and prints the control points that core/stitch/centre-knot.ts holds.
import { centre } from './lib/knot-starts';
import { tighten } from './lib/tighten-strands';
import type { Point } from '../src/core/stitch';

/** How far its middle line may reach to the front and the back, in diameters, while it is drawn in and when it is dressed: it is worked flat. */
const [FLAT, DRESSED] = [0.75, 0.95];
const [loose] = tighten({ strands: [centre(1.65)], samples: 240, flat: FLAT }, 40_000);

const slope = (way: readonly Point[], i: number): number => {
  const [before, after] = [way[i - 1]!, way[i + 1]!];
  return (after[1] - before[1]) / Math.hypot(...[0, 1, 2].map((k) => after[k]! - before[k]!));
};
let [from, to] = [1, loose!.length - 2];
while (slope(loose!, from) > 0.86) from++;
while (slope(loose!, to) > 0.86) to--;
const knot = loose!.slice(from, to + 1);
const middle = (axis: 0 | 1): number => {
  const all = knot.map((p) => p[axis]);
  return (Math.min(...all) + Math.max(...all)) / 2;
};
// Led out straight, and drawn in a little more: much longer would draw it through itself.
const led: Point[] = [
  [0, -9, 0],
  [0, -6, 0],
  ...knot.map(([x, y, z]): Point => [x - middle(0), y - middle(1), 1.3 * z]),
  [0, 6, 0],
  [0, 9, 0],
];
const [tight] = tighten({ strands: [led], samples: 170, flat: DRESSED }, 3000);
/** Opened as a whole until centre lines are 0.91 diameters apart, and begun where the strand enters. */
const OPEN = 0.908 / 0.862;
for (const [i, [x, y, z]] of tight!.entries())
  if (i >= 24 && i < 146)
    console.log(`[${[x * OPEN, y * OPEN + 4.4, z * OPEN].map((v) => Number(v.toFixed(2))).join(', ')}],`);
