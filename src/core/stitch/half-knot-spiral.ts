import { drawnApart, outward, pressedCore, roundRadius, screw } from './straight';
import type { Around, Point, Stitch } from './strand';

/**
 * Strand a over one half knot around a round core, when the same side leads every time: across the front, out under b, back
 * over b's next tail and behind the core. Found by drawing the knot tight (`scripts/tighten.ts half-knot-spiral`), each half
 * knot half a turn and a twelfth on from the last.
 */
const HALF_KNOT: readonly Point[] = [
  [-0.31, 0.04, 1.23],
  [-0.08, 0, 1.27],
  [0.16, -0.05, 1.26],
  [0.4, -0.09, 1.21],
  [0.62, -0.14, 1.11],
  [0.82, -0.18, 0.98],
  [0.99, -0.23, 0.81],
  [1.34, -0.38, 0.61],
  [1.59, -0.42, 0.49],
  [1.8, -0.36, 0.41],
  [1.99, -0.24, 0.35],
  [2.15, -0.08, 0.29],
  [2.26, 0.11, 0.25],
  [2.34, 0.33, 0.22],
  [2.36, 0.56, 0.22],
  [2.36, 0.79, 0.22],
  [2.36, 1.02, 0.23],
  [2.36, 1.25, 0.23],
  [2.33, 1.48, 0.22],
  [2.25, 1.69, 0.18],
  [2.15, 1.88, 0.11],
  [2, 2.03, 0.02],
  [1.83, 2.15, -0.08],
  [1.64, 2.21, -0.19],
  [1.42, 2.16, -0.36],
  [1.12, 2.01, -0.62],
  [0.98, 1.96, -0.82],
  [0.8, 1.92, -0.99],
  [0.6, 1.87, -1.12],
  [0.37, 1.83, -1.22],
  [0.14, 1.78, -1.27],
  [-0.11, 1.74, -1.27],
];
const HALF_PITCH = 1.65;
const TURN = 210;
/** Half knots until the spiral stands as it began: twelve twelfths of a turn. */
const REPEAT = 12;
/** Radius of the round core the table was found with: as long to wrap as two strands. */
const FOUND = roundRadius(2, 1);

function strandA(around: Around): Point[] {
  const by = roundRadius(around.strands, around.diameter) - FOUND;
  return Array.from({ length: REPEAT }, (_, k) => HALF_KNOT.map((p) => outward(screw(p, k * TURN, k * HALF_PITCH), by)))
    .flat()
    .map(drawnApart(around.draw));
}

/** A spiral: the strands of the core are pressed into a round bundle in the middle. */
export const halfKnotSpiral: Stitch = {
  slug: 'half-knot-spiral',
  name: 'Half knot spiral',
  geometry: (around) => {
    const a = strandA(around);
    const pitch = REPEAT * HALF_PITCH * (around.draw ?? 1);
    return {
      pitch,
      divisions: REPEAT,
      halfKnots: REPEAT,
      working: [
        { strand: 'a', points: a },
        { strand: 'b', points: a.map((p) => screw(p, 180, 0)) },
      ],
      core: pressedCore(around, pitch),
    };
  },
  beads: 0,
  effort: 0.9,
  difficulty: 1,
  steps: [
    {
      text: 'Lay the strand on the left across the front of the core.',
      active: 'a',
      reached: { a: 0.02, b: 0 },
    },
    {
      text: 'Take the other over its tail, behind the core, and out through the loop on the left. Draw up: one half knot.',
      active: 'b',
      reached: { a: 0.08, b: 0.08 },
    },
    {
      text: 'Again with whichever strand is on the left now: the same side always leads, and the band turns by itself.',
      active: 'b',
      reached: { a: 0.16, b: 0.16 },
    },
  ],
  // The work is turned with the spiral: what is on the left of it leads.
  leads: Array.from({ length: REPEAT }, (_, k) => ({
    strand: k % 2 === 0 ? 'a' : 'b',
    from: 'left' as const,
    steps: [0, 1],
  })),
  watch: 'The same side leads every time. Turn the work when the strands have travelled to the back.',
};
