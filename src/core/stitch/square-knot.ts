import type { Around, Point, Stitch, StrandPath } from './strand';

/**
 * Strand a over one half knot, around two core strands of its own diameter: across the front to the right, out under b's
 * hook, round behind b's next exit, and back to the front. Found by drawing the knot tight in a calculation: the shortest
 * path that links a and b at both edges, with every centre line at least 0.93 diameters from the next (cords flatten a
 * little where they press) at a pitch of 1.65 diameters. `scripts/tighten.ts` repeats it.
 */
const HALF_KNOT: readonly Point[] = [
  [0, 0.04, 0.94],
  [0.53, -0.07, 0.93],
  [0.99, -0.18, 0.78],
  [1.41, -0.29, 0.54],
  [1.81, -0.3, 0.19],
  [2.15, -0.06, -0.1],
  [2.31, 0.35, -0.36],
  [2.43, 0.77, -0.61],
  [2.49, 1.23, -0.81],
  [2.36, 1.72, -0.84],
  [2.07, 2.1, -0.69],
  [1.7, 2.26, -0.4],
  [1.41, 2.16, 0],
  [1.27, 2.03, 0.49],
  [0.91, 1.92, 0.83],
  [0.44, 1.8, 0.94],
];
const HALF_PITCH = 1.65;
/** Two core strands pressed together lie this far apart, centre to centre. */
const CORE_SPACING = 0.94;

/** Centre of the outer core strand the table was found with. */
const OUTER = CORE_SPACING / 2;

/**
 * Moves a point tied around two equal core strands to where it lies around this core. Between the outer core strands the
 * face is stretched across and lifted; beside an outer strand the point keeps its bearing from it and its clearance; further
 * out, where only a and b touch, both shift sideways together, so that the clearance between them stays.
 */
function fitAround({ strands, diameter }: Around): (p: Point) => Point {
  const outer = OUTER * diameter * (strands - 1);
  const thicker = (diameter - 1) / 2;
  return ([x, y, z]) => {
    const [side, reach] = [Math.sign(x), Math.abs(x)];
    if (reach <= OUTER) return [(x / OUTER) * outer, y, z + Math.sign(z) * thicker];
    const beside = reach - OUTER;
    const radial = thicker / Math.hypot(beside, z);
    const apart = Math.max(0, Math.min(1, (beside - 0.5) / 0.6));
    const across = outer + beside + (1 - apart) * beside * radial + apart * thicker;
    return [side * across, y, z * (1 + (1 - apart) * radial)];
  };
}

const mirrored = ([x, y, z]: Point): Point => [-x, y + HALF_PITCH, z];
const turnedOver = ([x, y, z]: Point): Point => [-x, y, -z];

function workingPaths(around: Around): StrandPath[] {
  const fit = fitAround(around);
  const a = [...HALF_KNOT, ...HALF_KNOT.map(mirrored)].map(fit);
  return [
    { strand: 'a', points: a },
    { strand: 'b', points: a.map(turnedOver) },
  ];
}

function corePaths(around: Around): StrandPath[] {
  return Array.from({ length: around.strands }, (_, i) => {
    const x = (i - (around.strands - 1) / 2) * CORE_SPACING * around.diameter;
    return { strand: `core ${i + 1}`, points: [0, 1, 2].map((k): Point => [x, (k * 2 * HALF_PITCH) / 3, 0]) };
  });
}

/** The flat square knot: two opposite half knots; a always crosses in front, b always behind. */
export const squareKnot: Stitch = {
  slug: 'square-knot',
  name: 'Square knot',
  geometry: (around) => ({
    pitch: 2 * HALF_PITCH,
    halfKnots: 2,
    working: workingPaths(around),
    core: corePaths(around),
  }),
  steps: [
    {
      text: 'Lay the leading strand across the front of the core, from its own side to the other.',
      active: 'a',
      reached: { a: 0.25, b: 0 },
    },
    {
      text: 'Take the other strand over its tail, behind the core, and out through the loop on the first side. Draw up evenly: one half knot.',
      active: 'b',
      reached: { a: 0.5, b: 0.5 },
    },
    {
      text: 'Lay the same leading strand back across the front, now from the other side.',
      active: 'a',
      reached: { a: 0.75, b: 0.5 },
    },
    {
      text: 'Again the other strand over its tail, behind the core, and out through the loop. Draw up: one square knot.',
      active: 'b',
      reached: { a: 1, b: 1 },
    },
  ],
  watch: 'The side with the lowest upright bar leads next. If the band twists, the same side has led twice.',
};
