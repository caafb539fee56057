import type { Part } from './part';
import { stub } from './stub';

/** An end that is only trimmed a little way past its knot, as an ornament or because its fibre is neither melted nor woven back. */
export const trimmedEnd: Part = {
  slug: 'trimmed-end',
  name: 'Trimmed end',
  ...stub('trimmed_stub', 'trimmed', '# mm left past the knot'),
  seconds: 8,
  tools: ['scissors'],
  step: 'Trim the end a little way past its knot.',
};
