import { fusedEnd } from './fused-end';
import type { Part } from './part';

/** The end of a slider's own cord: trimmed, melted and pressed flat on the slider, never on what runs through it. */
export const slideEnd: Part = {
  ...fusedEnd,
  slug: 'slide-end',
  name: 'Fused slider end',
  withoutHeat: 'edge-whipped-end',
  step: 'Trim each end to a short stub, melt it and press it flat on the slider. Keep the flame off the strands that run through it.',
};
