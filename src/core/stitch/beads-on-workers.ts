import { squareKnotWithBeads } from './square-knot';
import type { Stitch } from './strand';

/** A square knot, then a bead on each working strand, which lies along the edge. */
export const beadsOnWorkers: Stitch = {
  slug: 'beads-on-workers',
  name: 'Square knot with beads at the edges',
  geometry: (around) => squareKnotWithBeads(around, 'workers'),
  beads: 1,
  through: 1,
  effort: 3,
  difficulty: 2,
  steps: [
    { text: 'Tie a square knot.', active: 'a', reached: { a: 0.6, b: 0.6 } },
    {
      text: 'Thread a bead on each working strand and push both up beside the knot.',
      active: 'b',
      reached: { a: 0.75, b: 0.75 },
    },
    {
      text: 'Begin the next square knot just past the beads; they turn sideways by themselves.',
      active: 'a',
      reached: { a: 1, b: 1 },
    },
  ],
  leads: [
    { strand: 'a', from: 'left', steps: [0] },
    { strand: 'a', from: 'right', steps: [0] },
  ],
  watch: 'Never tighten hard against a bead: leave it room to turn.',
};
