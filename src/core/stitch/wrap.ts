import { bundle } from './bundle';
import type { Point, Stitch } from './strand';

const RISE = 1.02;
const STEPS = 12;

/** One strand wound round a bundle of others, turn on turn: the wrapped transition, and every wrapped knot. */
export const wrapping: Stitch = {
  slug: 'wrap',
  name: 'Wrapped transition',
  geometry: ({ strands, diameter }) => {
    const { places, radius } = bundle(strands, diameter);
    const r = radius + 0.5;
    return {
      pitch: RISE,
      divisions: 1,
      halfKnots: 0,
      working: [
        {
          strand: 'a',
          points: Array.from({ length: STEPS }, (_, i): Point => {
            const t = (2 * Math.PI * i) / STEPS;
            return [r * Math.sin(t), (RISE * i) / STEPS, r * Math.cos(t)];
          }),
        },
      ],
      core: places.map(([x, z], i) => ({
        strand: `core ${i + 1}`,
        thick: diameter,
        points: [0, 1, 2].map((k): Point => [x, (k * RISE) / 3, z]),
      })),
    };
  },
  beads: 0,
  effort: 0.4,
  difficulty: 1,
  steps: [
    {
      text: 'Lay the end along the bundle, and wind the strand back over it, turn against turn.',
      active: 'a',
      reached: { a: 1 },
    },
    { text: 'Lead the end through the last turn and draw it under.', active: 'a', reached: { a: 1 } },
  ],
  watch: 'Turns lie side by side; none crosses the last.',
};
