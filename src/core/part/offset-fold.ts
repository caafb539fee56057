import { origin } from '../studio';
import { noClash, nothingAlong, type Part } from './part';

/** Two colours without a join: each cord folded off its middle, the short leg core and the long leg working. */
export const offsetFold: Part = {
  slug: 'offset-fold',
  name: 'Off-centre fold',
  stretch: 'join',
  use: () => ({ mm: 0, because: origin('no-cord', {}, 'no cord: the fold is where the legs part') }),
  ways: () => [],
  along: nothingAlong,
  check: noClash,
  seconds: 15,
  tools: ['ruler'],
  step: 'Measure the short leg from the end, and fold there.',
};
