import { lengthOf, samplePath } from '../stitch';
import { n1, noClash, type Part } from './part';

/**
 * An overhand knot drawn tight, in cord diameters, from where the strand enters to where it leaves along y. Found as the
 * shortest such knot with centre lines at least 0.92 diameters apart; `scripts/tighten.ts` repeats it.
 */
const OVERHAND = [
  [-0.06, -3.25, 0],
  [-0.06, -2.41, 0],
  [-0.05, -1.57, 0],
  [-0.08, -0.74, -0.04],
  [-0.46, -0.12, -0.46],
  [-0.97, 0.46, -0.24],
  [-0.91, 0.96, 0.4],
  [-0.27, 1.06, 0.9],
  [0.47, 0.73, 0.82],
  [0.72, 0.19, 0.25],
  [0.72, -0.32, -0.42],
  [0.31, -0.84, -0.89],
  [-0.47, -1.07, -0.82],
  [-0.99, -0.86, -0.23],
  [-0.88, -0.31, 0.36],
  [-0.31, 0.25, 0.39],
  [-0.06, 0.95, 0],
  [-0.06, 1.78, 0],
  [-0.06, 2.62, 0],
] as const;

/** Length of the knot along the band, and of the strand in it, in diameters of what is knotted. */
const HEIGHT = 3.2;
const STRAIGHT = 2.62 + 3.25;
const EXCESS = lengthOf(samplePath({ strand: 'overhand', points: OVERHAND.slice(0, -1) }, STRAIGHT)) - STRAIGHT;

/** Two strands knotted as one act like a cord of 1.7 d: between their equal area (√2 d) and the circle round both (2 d). */
const PAIR = 1.7;

/** A carry loop with both legs tied as one in an overhand knot: each leg gives half the loop and one way through the knot. */
export const overhandLoop: Part = {
  slug: 'overhand-loop',
  name: 'Overhand loop',
  stretch: 'loop',
  use: ({ d, loop }) => {
    const knot = (EXCESS + HEIGHT) * PAIR * d;
    return {
      mm: loop / 2 + knot,
      because: `half of a ${n1(loop)} mm loop, and the doubled overhand knot: ${n1(EXCESS + HEIGHT)} × ${PAIR} × ${n1(d)}`,
    };
  },
  // The band spans from ring to knot; the knot itself lies beyond it.
  along: () => 0,
  check: noClash,
  seconds: 90,
  heat: false,
  tools: ['ruler'],
  step: 'Fold the cord in the middle, set the loop on the ruler, and tie both legs as one in an overhand knot.',
};
