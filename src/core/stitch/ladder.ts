import type { Point, Stitch } from './strand';

/**
 * Beads laddered between two carriers by the two ends of a thread: both go through each bead, from opposite sides, and after it each goes
 * over the carrier where it came out, under it, and up in the middle. So they change sides at every bead, and a repeat is two beads.
 * Lengths in thread diameters; `strands` is the two carriers.
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
    /** Once round a carrier, from its inner side over the front: out at its outer side, and back behind it to the middle. */
    const turn = (side: 1 | -1, from: number, to: number): Point[] =>
      Array.from({ length: 11 }, (_, i): Point => {
        const t = ((180 - 30 * (i + 1)) * Math.PI) / 180;
        return [side * (carrier + round * Math.cos(t)), from + ((to - from) * (i + 1)) / 12, round * Math.sin(t)];
      });
    /** Through a bead from one side to the other, and round the carrier there. */
    const rung = (from: 1 | -1, first: number): Point[] => {
      const [start, y] = [first * pitch, first * pitch + mid];
      // Each goes in below where the other comes out, and past it in the middle.
      const aside = from * 0.6;
      return [
        [from * half, start, 0],
        [from * half, y - 0.65, 0],
        [from * inside, y - 0.65, 0.25 * aside],
        [0, y, aside],
        [-from * inside, y + 0.65, 0.25 * aside],
        [-from * half, y + 0.65, 0],
        ...turn(from === 1 ? -1 : 1, y + 0.65, start + pitch),
      ];
    };
    return {
      pitch: 2 * pitch,
      divisions: 2,
      halfKnots: 0,
      working: [
        { strand: 'a', points: [...rung(1, 0), ...rung(-1, 1)] },
        { strand: 'b', points: [...rung(-1, 0), ...rung(1, 1)] },
      ],
      core: [-1, 1].map((side, i) => ({
        strand: `core ${i + 1}`,
        thick: diameter,
        points: [0, 1, 2, 3].map((k): Point => [side * carrier, (k * pitch) / 2, 0]),
      })),
      beads: [0, 1].map((k) => ({ ...bead, index: 0, at: [0, mid + k * pitch, 0], hole: 'across' })),
    };
  },
  beads: 1,
  through: 2,
  effort: 1.6,
  difficulty: 2,
  steps: [
    {
      text: 'Put the right thread end through a bead from right to left, and the left end through the same bead from left to right.',
      active: 'a',
      reached: { a: 0.25, b: 0.25 },
    },
    {
      text: 'Take each end over the leather on its side, under it, and up through the middle. Pull both evenly.',
      active: 'b',
      reached: { a: 0.5, b: 0.5 },
    },
    {
      text: 'The same with the next bead: the ends have changed sides.',
      active: 'a',
      reached: { a: 1, b: 1 },
    },
  ],
  watch: 'Over the leather, then under it: a thread that goes under first twists the leather.',
};
