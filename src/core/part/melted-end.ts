import { fusedEnd } from './fused-end';
import type { Part } from './part';

/** A fused end beyond a knot: there is no knotting to weave it back under, so without a flame it is glued. */
export const meltedEnd: Part = {
  ...fusedEnd,
  slug: 'melted-end',
  name: 'Fused end behind a knot',
  withoutHeat: 'glued-end',
  step: 'Trim the end to a short stub behind its knot, melt it and press it flat, so that it cannot slip back. Keep the flame off the other strands.',
};
