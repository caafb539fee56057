import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/** Two colours without heat: both ends lie along the core and are held under the knotting. */
export const tuckJoin: Part = {
  slug: 'tuck-join',
  name: 'Tucked join',
  stretch: 'join',
  use: ({ figures }) => ({
    mm: figures.tuck_join,
    because: origin(
      'tucked',
      { under_mm: figures.tuck_join },
      `${n1(figures.tuck_join)} mm of each cord lie under the first half knots`,
    ),
  }),
  ways: straightOn(({ figures }) => figures.tuck_join),
  along: nothingAlong,
  check: noClash,
  seconds: 60,
  tools: ['tape'],
  step: 'Tape both ends side by side along the core, and tie the first half knots over them.',
};
