import { drawnApart, outward, pressedCore, roundRadius, screw } from './straight';
import type { Around, Point, Stitch } from './strand';

/**
 * Strand a over two half knots of band: its own half knot, and past the other pair's. The other pair is the same strand a
 * quarter turn and one half knot on. Found by drawing it tight (`scripts/tighten.ts double-spiral`) round a core as long to
 * wrap as two strands.
 */
const TWO_HALF_KNOTS: readonly Point[] = [
  [0.01, 0.01, 1.27],
  [0.22, -0.03, 1.25],
  [0.43, -0.07, 1.2],
  [0.62, -0.12, 1.11],
  [0.79, -0.2, 1],
  [0.94, -0.27, 0.86],
  [1.06, -0.35, 0.7],
  [1.16, -0.42, 0.52],
  [1.25, -0.45, 0.32],
  [1.37, -0.44, 0.14],
  [1.52, -0.4, -0.01],
  [1.69, -0.34, -0.13],
  [1.86, -0.23, -0.2],
  [2.01, -0.08, -0.25],
  [2.12, 0.11, -0.26],
  [2.2, 0.3, -0.25],
  [2.26, 0.51, -0.21],
  [2.27, 0.71, -0.14],
  [2.26, 0.9, -0.05],
  [2.25, 1.1, 0.04],
  [2.24, 1.29, 0.13],
  [2.23, 1.48, 0.22],
  [2.22, 1.68, 0.31],
  [2.21, 1.87, 0.4],
  [2.2, 2.06, 0.49],
  [2.19, 2.26, 0.58],
  [2.18, 2.45, 0.66],
  [2.13, 2.66, 0.71],
  [2.06, 2.86, 0.73],
  [1.97, 3.05, 0.7],
  [1.85, 3.22, 0.65],
  [1.71, 3.36, 0.56],
  [1.56, 3.45, 0.44],
  [1.43, 3.5, 0.27],
  [1.34, 3.53, 0.08],
  [1.27, 3.52, -0.13],
  [1.23, 3.47, -0.34],
  [1.16, 3.4, -0.53],
  [1.06, 3.32, -0.7],
  [0.93, 3.25, -0.86],
  [0.78, 3.18, -1],
  [0.61, 3.13, -1.12],
  [0.41, 3.09, -1.2],
  [0.2, 3.05, -1.26],
];
const HALF_PITCH = 1.5;
const FOUND = roundRadius(2, 1);

function strand(around: Around, quarter: number): Point[] {
  const by = roundRadius(around.strands, around.diameter) - FOUND;
  const lift = quarter % 2 === 1 ? HALF_PITCH : 0;
  return [0, 1]
    .flatMap((k) => TWO_HALF_KNOTS.map((p) => outward(screw(p, k * 180 + quarter * 90, k * 2 * HALF_PITCH + lift), by)))
    .map(drawnApart(around.draw));
}

/** Two pairs in two colours: each ties every second half knot, and is carried past the other in between. */
export const doubleSpiral: Stitch = {
  slug: 'double-spiral',
  name: 'Double spiral',
  geometry: (around) => ({
    pitch: 4 * HALF_PITCH * (around.draw ?? 1),
    divisions: 4,
    halfKnots: 4,
    working: ['a', 'c', 'b', 'd'].map((name, quarter) => ({ strand: name, points: strand(around, quarter) })),
    core: pressedCore(around, 4 * HALF_PITCH * (around.draw ?? 1)),
  }),
  beads: 0,
  effort: 1.2,
  difficulty: 3,
  steps: [
    {
      text: 'Tie a half knot with the first colour, its left strand across the front.',
      active: 'a',
      reached: { a: 0.2, b: 0.2, c: 0, d: 0 },
    },
    {
      text: 'Lay the first colour aside, over the second. Tie a half knot with the second colour, the same side leading.',
      active: 'c',
      reached: { a: 0.25, b: 0.25, c: 0.25, d: 0.25 },
    },
    {
      text: 'Go on in turn. The colour that waits always lies outside the one that ties.',
      active: 'a',
      reached: { a: 0.5, b: 0.5, c: 0.5, d: 0.5 },
    },
  ],
  leads: ['a', 'c', 'b', 'd'].map((strand, k) => ({ strand, from: 'left' as const, steps: [k % 2] })),
  watch: 'One rule for each colour, over or under, and kept to the end: a slip shows as a break in the spiral.',
};
