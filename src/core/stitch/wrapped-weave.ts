import type { Point, Stitch } from './strand';

/** From one course to the next: a strand of the warp passes between two courses of the weft. */
const COURSE = 1.88;
/** Where a leg passes between courses: near the middle on its way to the front, at the side on its way behind. */
const INNER = 0.47;
const OUTER = 1.4;
/** Half the weft's straight run: it folds back just past the outer passes. */
const EDGE = 1.5;

/**
 * One leg of the warp over a course: up to the front near the middle, over this course of the weft and the next, behind the next at
 * the side, down behind it, and back to the middle under it. So each course has one turn of each leg round it.
 */
function turnOf(side: 1 | -1, course: number): Point[] {
  const at = (x: number, y: number, z: number): Point => [side * x, (course + y) * COURSE, z];
  return [
    at(INNER, -0.5, 0),
    at(INNER, -0.36, 0.62),
    at(INNER, 0, 1),
    at(INNER + 0.1, 0.26, 1.22),
    at((INNER + OUTER) / 2, 0.5, 1.44),
    at(OUTER - 0.1, 0.74, 1.22),
    at(OUTER, 1, 1),
    at(OUTER, 1.36, 0.62),
    at(OUTER, 1.5, 0),
    at(OUTER, 1.36, -0.62),
    at((INNER + OUTER) / 2 + 0.2, 1, -1),
    at(INNER + 0.05, 0.64, -0.62),
  ];
}

/** The weft over two courses: across, folded back at the edge, across again, and folded back. */
function weftOf(): Point[] {
  const course = (from: 1 | -1, y: number): Point[] => [
    ...[-1, -0.5, 0, 0.5, 1].map((t): Point => [-from * t * EDGE, y, 0]),
    ...[-60, -30, 0, 30, 60].map((degrees): Point => {
      const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
      return [-from * (EDGE + (c * COURSE) / 2), y + ((1 + s) * COURSE) / 2, 0];
    }),
  ];
  return [...course(1, 0), ...course(-1, COURSE)];
}

/** Three strands: a weft that crosses the whole width each course, and two legs of warp that wrap it. */
export const wrappedWeave: Stitch = {
  slug: 'wrapped-weave',
  name: 'Wrapped weave',
  geometry: () => ({
    pitch: 2 * COURSE,
    divisions: 2,
    halfKnots: 0,
    working: [
      { strand: 'weft', points: weftOf() },
      { strand: 'a', points: [0, 1].flatMap((course) => turnOf(-1, course)) },
      { strand: 'b', points: [0, 1].flatMap((course) => turnOf(1, course)) },
    ],
    core: [],
  }),
  beads: 0,
  effort: 1.4,
  difficulty: 2,
  steps: [
    {
      text: 'Lay the weft across from one edge to the other, and hold it there.',
      active: 'weft',
      reached: { weft: 0.5, a: 0, b: 0 },
    },
    {
      text: 'Take the left leg over the weft at its side, round behind it, and down in the middle.',
      active: 'a',
      reached: { weft: 0.5, a: 0.5, b: 0 },
    },
    {
      text: 'The same with the right leg, mirrored: both lie in the middle, side by side.',
      active: 'b',
      reached: { weft: 0.5, a: 0.5, b: 0.5 },
    },
    {
      text: 'Fold the weft back at the edge for the next course, and wrap it again.',
      active: 'weft',
      reached: { weft: 1, a: 1, b: 1 },
    },
  ],
  watch: 'Courses lie staggered on one face and plain on the other: decide which is the front, and keep to it.',
};
