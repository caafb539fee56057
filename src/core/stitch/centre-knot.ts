import type { Point, Stitch } from './strand';

/**
 * One strand through a flat knot of three crossings, over and under in turn, spread so wide that its passes lie beside each
 * other: the plane curve (t³ − 3t along, t⁴ − 4t² across), with the ends led back to the band's middle.
 */
const KNOT: readonly Point[] = [
  [0.0, 0.0, 0.0],
  [0.31, 0.43, 0.01],
  [0.65, 0.84, 0.04],
  [1.04, 1.2, 0.09],
  [1.49, 1.59, 0.16],
  [1.89, 1.94, 0.24],
  [2.06, 2.28, 0.31],
  [1.56, 2.61, 0.39],
  [1.12, 2.9, 0.45],
  [0.68, 3.21, 0.5],
  [0.2, 3.56, 0.53],
  [-0.22, 3.89, 0.51],
  [-0.63, 4.23, 0.2],
  [-1.07, 4.63, -0.3],
  [-1.44, 5.01, -0.53],
  [-1.78, 5.42, -0.49],
  [-2.09, 5.93, -0.35],
  [-2.16, 6.45, -0.16],
  [-1.8, 6.81, 0.06],
  [-1.28, 6.84, 0.27],
  [-0.7, 6.68, 0.45],
  [-0.23, 6.44, 0.52],
  [0.17, 6.09, 0.5],
  [0.5, 5.6, 0.29],
  [0.62, 5.08, 0.02],
  [0.53, 4.56, -0.26],
  [0.22, 4.06, -0.48],
  [-0.18, 3.7, -0.53],
  [-0.64, 3.44, -0.46],
  [-1.21, 3.27, -0.29],
  [-1.74, 3.28, -0.09],
  [-2.14, 3.59, 0.13],
  [-2.09, 4.17, 0.35],
  [-1.82, 4.63, 0.48],
  [-1.49, 5.04, 0.53],
  [-1.12, 5.42, 0.35],
  [-0.68, 5.83, -0.15],
  [-0.27, 6.17, -0.49],
  [0.15, 6.5, -0.53],
  [0.63, 6.85, -0.5],
  [1.06, 7.16, -0.46],
  [1.5, 7.46, -0.4],
  [2.0, 7.79, -0.32],
  [1.94, 8.11, -0.24],
  [1.54, 8.46, -0.17],
  [1.09, 8.86, -0.1],
  [0.69, 9.21, -0.05],
  [0.35, 9.61, -0.01],
];
const PITCH = 10.1;

/** The decorative centre knot: everything it uses is fed by one leg, so its middle is not the middle of the cord. */
export const centreKnot: Stitch = {
  slug: 'centre-knot',
  name: 'Centre knot',
  geometry: () => ({
    pitch: PITCH,
    divisions: 1,
    halfKnots: 0,
    working: [{ strand: 'a', points: KNOT }],
    core: [],
  }),
  beads: 0,
  effort: 8,
  difficulty: 2,
  steps: [
    { text: 'Lay a wide loop with the feeding leg, its end over the other leg.', active: 'a', reached: { a: 0.4 } },
    {
      text: 'Lead the end back under the first pass and through the loop, flat on the table.',
      active: 'a',
      reached: { a: 0.75 },
    },
    { text: 'Draw each lobe in turn until the knot lies even and flat.', active: 'a', reached: { a: 1 } },
  ],
  watch: 'One leg feeds the knot: start it off the cord’s middle, by what the knot uses.',
};
