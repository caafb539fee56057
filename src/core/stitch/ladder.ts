import type { Point, Stitch } from './strand';

/**
 * Beads laddered between two carriers: the thread goes over the first carrier, through the bead, under the other and round
 * it, back through the same bead, under the first carrier and round it to the next. Lengths in thread diameters; `strands`
 * is the two carriers.
 */
export const ladder: Stitch = {
  slug: 'ladder',
  name: 'Bead ladder',
  geometry: ({ diameter, beads = [] }) => {
    const bead = beads[0] ?? { length: 4, width: 4 };
    const pitch = Math.max(bead.width, 2.4);
    const [mid, half] = [pitch / 2, bead.length / 2];
    // The thread turns round the carrier between it and the bead.
    const round = (diameter + 1) / 2;
    const carrier = half + round;
    const inside = half - Math.min(0.7, half / 2);
    /** Round a carrier, by 30° at a time: 0 is outward, 90 in front, 180 inward. */
    const arc = (side: 1 | -1, from: number, to: number, start: number, end: number): Point[] => {
      const steps = (to - from) / 30;
      return Array.from({ length: steps + 1 }, (_, i): Point => {
        const t = ((from + 30 * i) * Math.PI) / 180;
        return [side * (carrier + round * Math.cos(t)), start + ((end - start) * i) / steps, round * Math.sin(t)];
      });
    };
    const [there, back] = [mid - 0.5, mid + 0.5];
    const through = (y: number, direction: 1 | -1): Point[] =>
      [-half, -inside, 0, inside, half].map((x): Point => [direction * x, y, 0]);
    const thread: Point[] = [
      ...arc(-1, 0, 150, 0, there),
      ...through(there, 1),
      ...arc(1, 210, 510, there, back),
      ...through(back, -1),
      ...arc(-1, 210, 330, back, pitch - (pitch - back) / 5),
    ];
    return {
      pitch,
      divisions: 1,
      halfKnots: 0,
      working: [{ strand: 'a', points: thread }],
      core: [-1, 1].map((side, i) => ({
        strand: `core ${i + 1}`,
        thick: diameter,
        points: [0, 1, 2].map((k): Point => [side * carrier, (k * pitch) / 3, 0]),
      })),
      beads: [{ ...bead, index: 0, at: [0, mid, 0], hole: 'across' }],
    };
  },
  beads: 1,
  through: 2,
  effort: 1.6,
  difficulty: 2,
  steps: [
    {
      text: 'Bring the needle over the first leg, through a bead, and out over to the second leg.',
      active: 'a',
      reached: { a: 0.4 },
    },
    { text: 'Round the second leg from below, and back through the same bead.', active: 'a', reached: { a: 0.8 } },
    {
      text: 'Under the first leg and round it, ready for the next bead. Draw up evenly.',
      active: 'a',
      reached: { a: 1 },
    },
  ],
  watch: 'Every pass goes through the bead, not through the thread already in it.',
};
