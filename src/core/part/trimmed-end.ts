import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/** An end that is only trimmed a little way past its knot, as an ornament or because its fibre is neither melted nor woven back. */
export const trimmedEnd: Part = {
  slug: 'trimmed-end',
  name: 'Trimmed end',
  stretch: 'end',
  use: ({ figures }) => ({
    mm: figures.trimmed_stub,
    because: origin('trimmed', { stub_mm: figures.trimmed_stub }, `${n1(figures.trimmed_stub)} mm left past the knot`),
  }),
  ways: straightOn(({ figures }) => figures.trimmed_stub),
  along: nothingAlong,
  check: noClash,
  end: 'drawn',
  seconds: 15,
  tools: ['scissors'],
  step: 'Trim the end a little way past its knot.',
};
