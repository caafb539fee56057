import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/** The last knots set with a drop of glue, and the end trimmed close. */
export const gluedEnd: Part = {
  slug: 'glued-end',
  name: 'Glued end',
  stretch: 'end',
  use: ({ figures }) => ({
    mm: figures.fused_stub,
    because: origin('glued', { stub_mm: figures.fused_stub }, `${n1(figures.fused_stub)} mm glued into the knot`),
  }),
  ways: straightOn(({ figures }) => figures.fused_stub),
  along: nothingAlong,
  check: noClash,
  end: 'drawn',
  seconds: 60,
  tools: ['scissors', 'glue'],
  step: 'Check the size on the wrist. A drop of glue into the last knots, let it dry, and trim close.',
};
