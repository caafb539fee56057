import type { Point, Stitch } from './strand';

/** From one course to the next: a strand passes between two courses of the short one, and two pass there side by side. */
const COURSE = 1.92;
/** Where a leg goes to the far side, from the middle: through the short strand's edge loop, or in the middle; it comes back inward of it. */
const DOWN = { edge: 2.3, middle: 0.47 };
const UP = { edge: 1.36, middle: 1.41 };
type Column = keyof typeof DOWN;
const other = (column: Column): Column => (column === 'edge' ? 'middle' : 'edge');

/**
 * One leg over a course, from where it goes to the far side above it: a brick two courses long, in its column, up to the maker below the
 * next course, once over that, and down above it in its other column.
 */
function turnOf(side: 1 | -1, course: number, column: Column): Point[] {
  const [down, up, next] = [DOWN[column], UP[column], DOWN[other(column)]];
  const at = (x: number, y: number, z: number): Point => [side * x, (course + y) * COURSE, z];
  return [
    at(down, -0.5, 0),
    at(down, -0.33, 0.72),
    at(down, 0, 1),
    at(down, 0.5, 1.12),
    at((3 * down + up) / 4, 1, 1.1),
    at((down + 4 * up) / 5, 1.32, 0.9),
    at(up, 1.5, 0),
    at(up, 1.33, -0.74),
    at((up + next) / 2, 1, -1),
    at(next, 0.68, -0.74),
  ];
}

/** The short strand over two courses: across, back in a loop at the right edge, across again, and back at the left one. */
function weftOf(): Point[] {
  const course = (to: 1 | -1, y: number): Point[] => [
    ...[-1, -0.5, 0, 0.5, 1].map((t): Point => [to * t * DOWN.edge, y, 0]),
    ...[-60, -30, 0, 30, 60].map((degrees): Point => {
      const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
      return [to * (DOWN.edge + (c * COURSE) / 2), y + ((1 + s) * COURSE) / 2, 0];
    }),
  ];
  return [...course(1, 0), ...course(-1, COURSE)];
}

/**
 * Three strands: a short one that crosses the whole width each course, and two long ones that go once round it a course. The leg on the
 * side that the short one comes from goes down through its loop at the edge, the other in the middle, by turns: bricks on the far side of
 * the maker (z > 0), plain wraps on the near one.
 */
export const wrappedWeave: Stitch = {
  slug: 'wrapped-weave',
  name: 'Wrapped weave',
  geometry: () => ({
    pitch: 2 * COURSE,
    divisions: 2,
    halfKnots: 0,
    working: [
      { strand: 'weft', points: weftOf() },
      { strand: 'a', points: [...turnOf(-1, 0, 'edge'), ...turnOf(-1, 1, 'middle')] },
      { strand: 'b', points: [...turnOf(1, 0, 'middle'), ...turnOf(1, 1, 'edge')] },
    ],
    core: [],
  }),
  beads: 0,
  effort: 1.4,
  difficulty: 2,
  steps: [
    {
      text: 'The short strand is on the left. Lay it across to the right, in front of both long strands.',
      active: 'weft',
      reached: { weft: 0.4, a: 0, b: 0 },
    },
    {
      text: 'Left long strand first: up in front of the short one, and down to the back through its loop at the left edge.',
      active: 'a',
      reached: { weft: 0.4, a: 0.5, b: 0 },
    },
    {
      text: 'Right long strand: up in front of the short one, and down to the back in the middle. Tighten.',
      active: 'b',
      reached: { weft: 0.4, a: 0.5, b: 0.5 },
    },
    {
      text: 'The short strand is on the right now: the same back to the left. The right long strand goes first, through the loop at the right edge.',
      active: 'weft',
      reached: { weft: 1, a: 1, b: 1 },
    },
  ],
  watch:
    'The side that the short strand comes from goes first, through the loop at its edge. Bricks grow on the far side: that is the front.',
};
