import type { Point, Stitch } from './strand';

/** Both legs of one cord through each tube bead from opposite ends, changing sides from tube to tube. */
export const tubeCross: Stitch = {
  slug: 'tube-cross',
  name: 'Crossing through tubes',
  geometry: ({ beads = [] }) => {
    const tube = beads[0] ?? { length: 8, width: 3 };
    const step = Math.max(tube.width * 1.05, 2);
    const half = tube.length / 2;
    const side = half + step * 0.45;
    const leg: Point[] = [
      [-half, step * 0.5, 0.5],
      [-half / 3, step * 0.5, 0.5],
      [half / 3, step * 0.5, 0.5],
      [half, step * 0.5, 0.5],
      [half + (side - half) * 0.75, step * 0.68, 0.35],
      [side, step, 0],
      [half + (side - half) * 0.75, step * 1.32, -0.35],
      [half, step * 1.5, -0.5],
      [half / 3, step * 1.5, -0.5],
      [-half / 3, step * 1.5, -0.5],
      [-half, step * 1.5, -0.5],
      [-half - (side - half) * 0.75, step * 1.68, -0.35],
      [-side, step * 2, 0],
      [-half - (side - half) * 0.75, step * 2.32, 0.35],
    ];
    return {
      pitch: 2 * step,
      divisions: 2,
      halfKnots: 0,
      working: [
        { strand: 'a', points: leg },
        { strand: 'b', points: leg.map(([x, y, z]): Point => [-x, y, -z]) },
      ],
      core: [],
      beads: [0.5, 1.5].map((k) => ({ ...tube, index: 0, at: [0, k * step, 0] as Point, hole: 'across' as const })),
    };
  },
  beads: 1,
  through: 2,
  effort: 1.2,
  difficulty: 1,
  steps: [
    { text: 'Thread one end through the tube from the left.', active: 'a', reached: { a: 0.3, b: 0 } },
    {
      text: 'Thread the other end through the same tube from the right, and draw both up.',
      active: 'b',
      reached: { a: 0.5, b: 0.5 },
    },
  ],
  watch: 'Both ends go through every tube, from opposite sides; pull them to the same length.',
};
