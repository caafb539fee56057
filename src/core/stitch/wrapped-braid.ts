import type { Point, Stitch } from './strand';

/** Half a repeat: one wrap, and room for the other leg's. */
const COURSE = 1.08;
/** How far from the middle a leg rests while the other wraps: clear of the other's wrap. */
const REST = 1.75;

/** Where the middle strand runs: drawn towards whichever leg wraps it. */
const ZIGZAG = 0.35;
const zigzag = (y: number): number => -ZIGZAG * Math.sin((Math.PI * y) / COURSE);

/** One leg's wrap: from its own side across the front, round the middle strand, and behind, back to that side. */
function wrap(side: 1 | -1, from: number): Point[] {
  return Array.from({ length: 12 }, (_, i): Point => {
    const t = (2 * Math.PI * i) / 12;
    const y = from + (i / 12) * COURSE;
    // Slack where the middle strand slants past, and out to where the leg rests.
    const out = Math.cos(t) * (1 + (Math.cos(t) > 0 ? (REST - 1) * Math.cos(t) : 0.15));
    return [zigzag(y) + side * out, y, Math.sin(t)];
  });
}

/**
 * Three strands: a short one zigzags in the middle; the legs of a long one rest at its sides and wrap it in turn.
 */
export const wrappedBraid: Stitch = {
  slug: 'wrapped-braid',
  name: 'Three-strand wrapped braid',
  geometry: () => {
    const rest = (side: 1 | -1, from: number): Point[] =>
      [0, 0.25, 0.5, 0.75].map((t): Point => [side * REST, from + t * COURSE, 0]);
    return {
      pitch: 2 * COURSE,
      divisions: 2,
      halfKnots: 0,
      working: [
        { strand: 'a', points: [...wrap(-1, 0), ...rest(-1, COURSE)] },
        { strand: 'b', points: [...rest(1, 0), ...wrap(1, COURSE)] },
      ],
      core: [
        {
          strand: 'core 1',
          points: Array.from({ length: 12 }, (_, i): Point => [zigzag((i * COURSE) / 6), (i * COURSE) / 6, 0]),
        },
      ],
    };
  },
  beads: 0,
  effort: 0.8,
  difficulty: 2,
  steps: [
    {
      text: 'Take the left leg across the front of the middle strand, round behind it, and back to the left.',
      active: 'a',
      reached: { a: 0.7, b: 0.3 },
    },
    {
      text: 'Take the right leg across the front, round behind the middle strand, and back to the right.',
      active: 'b',
      reached: { a: 1, b: 1 },
    },
  ],
  watch: 'Courses lie staggered on one face and plain on the other: decide which is the front, and keep to it.',
};
