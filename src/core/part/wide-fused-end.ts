import { fusedEnd } from './fused-end';
import type { Part } from './part';
import { stub } from './stub';

/** A fused end with a longer stub, pressed so wide that it cannot be drawn back: a fob is pulled at every day. */
export const wideFusedEnd: Part = {
  ...fusedEnd,
  slug: 'wide-fused-end',
  name: 'Wide fused end',
  ...stub('fused_stub_wide', 'stub', 'a # mm stub melted into the knot'),
  step: 'Trim each end to its stub, melt it, and press and twist it on the lighter’s metal until it is wider than the gap it came from.',
};
