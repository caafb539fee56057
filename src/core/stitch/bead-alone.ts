import { CORE_SPACING, straightCore } from './straight';
import type { Point, Stitch } from './strand';

/** A bead on the core with no knot of its own: the working strands are carried past it, one on each side. */
export const beadAlone: Stitch = {
  slug: 'bead-alone',
  name: 'Bead on the core',
  geometry: ({ strands, diameter, beads = [] }) => {
    const [bead = { length: 4, width: 4 }] = beads;
    // Half a diameter before and after the bead, so that no knot is drawn hard against it.
    const pitch = bead.length + 1;
    const beside = (((strands - 1) * CORE_SPACING + 1) * diameter + 1) / 2;
    const past = Math.max(bead.width / 2 + 0.5, beside);
    const points = (side: 1 | -1): Point[] => [
      [side * beside, 0, 0],
      [side * past, 0.3 * pitch, 0],
      [side * past, 0.5 * pitch, 0],
      [side * past, 0.7 * pitch, 0],
    ];
    return {
      pitch,
      divisions: 1,
      halfKnots: 0,
      working: [
        { strand: 'a', points: points(-1) },
        { strand: 'b', points: points(1) },
      ],
      core: straightCore(strands, diameter, pitch),
      beads: [{ ...bead, index: 0, at: [0, pitch / 2, 0], hole: 'along' }],
    };
  },
  beads: 1,
  through: 'core',
  effort: 1,
  difficulty: 1,
  steps: [
    {
      text: 'Push the bead up along the core.',
      active: 'core 1',
      reached: { a: 0, b: 0 },
    },
    {
      text: 'Carry a working strand past each side of it.',
      active: 'a',
      reached: { a: 1, b: 1 },
    },
  ],
  watch: 'Never tighten hard against a bead.',
};
