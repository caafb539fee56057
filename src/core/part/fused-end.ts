import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/** The end is trimmed to a stub and melted flat. Only for fibres that fuse, and only by those allowed at the station. */
export const fusedEnd: Part = {
  slug: 'fused-end',
  name: 'Fused end',
  stretch: 'end',
  use: ({ figures }) => ({
    mm: figures.fused_stub,
    because: origin(
      'stub',
      { stub_mm: figures.fused_stub },
      `a ${n1(figures.fused_stub)} mm stub melted into the knot`,
    ),
  }),
  ways: straightOn(({ figures }) => figures.fused_stub),
  along: nothingAlong,
  check: noClash,
  end: 'drawn',
  seconds: 60,
  withoutHeat: 'tucked-end',
  tools: ['scissors', 'small lighter', 'water at hand'],
  step: 'Check the size on the wrist. Then trim each end to a short stub, melt it, let it cool, and press it flat with the lighter’s metal, never a finger.',
};
