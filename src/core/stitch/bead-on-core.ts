import { squareKnotWithBeads } from './square-knot';
import type { Stitch } from './strand';

/** A square knot, then a bead on the core, with the working strands carried past it on both sides. */
export const beadOnCore: Stitch = {
  slug: 'bead-on-core',
  name: 'Square knot with a bead on the core',
  geometry: (around) => squareKnotWithBeads(around, 'core'),
  beads: 1,
  through: 'core',
  effort: 3,
  difficulty: 2,
  steps: [
    { text: 'Tie a square knot.', active: 'a', reached: { a: 0.6, b: 0.6 } },
    {
      text: 'Thread a bead on the core strands and push it up to the knot.',
      active: 'core 1',
      reached: { a: 0.6, b: 0.6 },
    },
    {
      text: 'Carry a working strand past each side of it, and begin the next square knot.',
      active: 'a',
      reached: { a: 1, b: 1 },
    },
  ],
  leads: [
    { strand: 'a', from: 'left', steps: [0] },
    { strand: 'a', from: 'right', steps: [0] },
  ],
  watch: 'Never tighten hard against a bead.',
};
