import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/** Two colours end to end, both melted and pressed together. */
export const buttJoin: Part = {
  slug: 'butt-join',
  name: 'Butt join',
  stretch: 'join',
  use: ({ figures }) => ({
    mm: figures.fused_stub,
    because: origin(
      'melted',
      { stub_mm: figures.fused_stub },
      `${n1(figures.fused_stub)} mm of each cord melted into the other`,
    ),
  }),
  ways: straightOn(({ figures }) => figures.fused_stub),
  along: nothingAlong,
  check: noClash,
  seconds: 60,
  withoutHeat: 'tuck-join',
  tools: ['small lighter', 'water at hand'],
  step: 'Melt both ends, press them together, and roll the join thin. Hide it under the knotting.',
};
