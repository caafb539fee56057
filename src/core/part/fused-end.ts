import type { Part } from './part';
import { stub } from './stub';

/** The end is trimmed to a stub and melted flat. Only for fibres that fuse, and only by those allowed at the station. */
export const fusedEnd: Part = {
  slug: 'fused-end',
  name: 'Fused end',
  ...stub('fused_stub', 'stub', 'a # mm stub melted into the knot'),
  seconds: 15,
  withoutHeat: 'tucked-end',
  tools: ['scissors', 'small lighter', 'water at hand'],
  step: 'Check the size on the wrist. Then trim each end to a short stub, melt it, let it cool, and press it flat with the lighter’s metal, never a finger.',
};
