import { origin } from '../studio';
import { fusedEnd } from './fused-end';
import { n1, straightOn, type Part } from './part';

/** A fused end with a longer stub, pressed so wide that it cannot be drawn back: a fob is pulled at every day. */
export const wideFusedEnd: Part = {
  ...fusedEnd,
  slug: 'wide-fused-end',
  name: 'Wide fused end',
  use: ({ figures }) => ({
    mm: figures.fused_stub_wide,
    because: origin(
      'stub',
      { stub_mm: figures.fused_stub_wide },
      `a ${n1(figures.fused_stub_wide)} mm stub melted into the knot`,
    ),
  }),
  ways: straightOn(({ figures }) => figures.fused_stub_wide),
  step: 'Trim each end to its stub, melt it, and press and twist it on the lighter’s metal until it is wider than the gap it came from.',
};
