import { CORE_SPACING, drawnApart, straightCore } from './straight';
import type { Around, Bead, BeadPlace, Point, Stitch, StitchGeometry, StrandPath } from './strand';

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
export const HALF_PITCH = 1.65;

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
/** Band length of a square knot, drawn as it is. */
const pitchOf = ({ draw = 1 }: Around): number => 2 * HALF_PITCH * draw;

/** Strand a over a whole square knot around this core, from the middle of the front and back to it; b is a turned over. */
export function squareKnotStrand(around: Around): Point[] {
  return [...HALF_KNOT, ...HALF_KNOT.map(mirrored)].map(fitAround(around)).map(drawnApart(around.draw));
}

function workingPaths(around: Around): StrandPath[] {
  const a = squareKnotStrand(around);
  return [
    { strand: 'a', points: a },
    { strand: 'b', points: a.map(turnedOver) },
  ];
}

/** Where in the strand's points the second half knot's edge lies, at which the knot can be drawn apart for a bead. */
export const EDGE = HALF_KNOT.length + 8;

/**
 * A square knot with room after it for beads: on the core, with the workers carried past on both sides; or on the workers,
 * one on each side.
 */
export function squareKnotWithBeads(around: Around, where: 'core' | 'workers'): StitchGeometry {
  const beads = around.beads ?? [];
  const length = beads.reduce((sum, bead) => sum + bead.length, 0);
  const width = Math.max(0, ...beads.map((bead) => bead.width));
  const a = squareKnotStrand(around);
  const edge = a[EDGE]!;
  const outer = ((around.strands - 1) * CORE_SPACING + 1) * around.diameter * 0.5;
  const x = where === 'core' ? Math.max(width / 2 + 0.5, outer + 0.5) : outer + width / 2;
  // Half a diameter before and after the bead, so that no knot is drawn hard against it.
  const gap = length + 1;
  const along = [0.35, 0.5, 0.65].map((t): Point => [-x, edge[1] + gap * t, 0]);
  const opened = [...a.slice(0, EDGE + 1), ...along, ...a.slice(EDGE).map(([px, py, pz]): Point => [px, py + gap, pz])];
  const pitch = pitchOf(around) + gap;
  const places = (side: number): BeadPlace[] => {
    let from = edge[1] + 0.5;
    return beads.map((bead: Bead, index) => {
      const at: Point = [side * x, from + bead.length / 2, 0];
      from += bead.length;
      return { ...bead, index, at, hole: 'along' };
    });
  };
  return {
    pitch,
    divisions: 1,
    halfKnots: 2,
    working: [
      { strand: 'a', points: opened },
      { strand: 'b', points: opened.map(turnedOver) },
    ],
    core: straightCore(around.strands, around.diameter, pitch),
    beads: where === 'core' ? places(0) : [...places(-1), ...places(1)],
  };
}

/** The flat square knot: two opposite half knots; a always crosses in front, b always behind. */
export const squareKnot: Stitch = {
  slug: 'square-knot',
  name: 'Square knot',
  geometry: (around) => ({
    pitch: pitchOf(around),
    divisions: 2,
    halfKnots: 2,
    working: workingPaths(around),
    core: straightCore(around.strands, around.diameter, pitchOf(around)),
  }),
  beads: 0,
  effort: 1,
  difficulty: 1,
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
  leads: [
    { strand: 'a', from: 'left', steps: [0, 1] },
    { strand: 'a', from: 'right', steps: [2, 3] },
  ],
  watch: 'The side with the lowest upright bar leads next. If the band twists, the same side has led twice.',
};
