import { lengthOf, samplePath } from './sample';

/**
 * An overhand knot drawn tight, in cord diameters, from where the strand enters to where it leaves along y. Found as the
 * shortest such knot with centre lines at least 0.93 diameters apart; `scripts/tighten.ts` repeats it.
 */
export const OVERHAND = [
  [0, -6.1, 0],
  [-0.15, -5.67, -0.08],
  [-0.17, -5.24, -0.08],
  [-0.18, -4.81, -0.08],
  [-0.2, -4.38, -0.08],
  [-0.21, -3.95, -0.08],
  [-0.23, -3.53, -0.08],
  [-0.24, -3.1, -0.07],
  [-0.25, -2.67, -0.07],
  [-0.27, -2.24, -0.06],
  [-0.28, -1.82, -0.05],
  [-0.29, -1.39, -0.05],
  [-0.3, -0.97, -0.04],
  [-0.37, -0.56, -0.14],
  [-0.57, -0.23, -0.41],
  [-0.88, 0.04, -0.48],
  [-1.14, 0.32, -0.36],
  [-1.28, 0.61, -0.1],
  [-1.27, 0.85, 0.22],
  [-1.1, 1, 0.56],
  [-0.81, 1.05, 0.83],
  [-0.44, 1.01, 0.98],
  [-0.05, 0.88, 0.98],
  [0.26, 0.66, 0.84],
  [0.45, 0.41, 0.58],
  [0.48, 0.17, 0.25],
  [0.48, -0.06, -0.08],
  [0.48, -0.28, -0.42],
  [0.37, -0.54, -0.72],
  [0.12, -0.78, -0.92],
  [-0.24, -0.96, -0.99],
  [-0.63, -1.05, -0.92],
  [-0.97, -1.04, -0.71],
  [-1.2, -0.94, -0.39],
  [-1.3, -0.73, -0.06],
  [-1.23, -0.47, 0.24],
  [-1.02, -0.18, 0.44],
  [-0.72, 0.1, 0.47],
  [-0.45, 0.37, 0.29],
  [-0.33, 0.76, 0.07],
  [-0.3, 1.18, 0.04],
  [-0.28, 1.61, 0.05],
  [-0.27, 2.03, 0.06],
  [-0.26, 2.46, 0.06],
  [-0.25, 2.88, 0.07],
  [-0.23, 3.31, 0.07],
  [-0.22, 3.74, 0.08],
  [-0.2, 4.17, 0.08],
  [-0.19, 4.6, 0.08],
  [-0.17, 5.03, 0.08],
  [-0.16, 5.46, 0.08],
  [-0.14, 5.89, 0.07],
  [0, 6.32, 0],
] as const;

/** Length of the knot along the strand's line, and of the strand in it beyond that, in diameters of what is knotted. */
export const OVERHAND_HEIGHT = 3.2;
const STRAIGHT = OVERHAND.at(-1)![1] - OVERHAND[0][1];
export const OVERHAND_EXCESS =
  lengthOf(samplePath({ strand: 'overhand', points: OVERHAND.slice(0, -1) }, STRAIGHT)) - STRAIGHT;
