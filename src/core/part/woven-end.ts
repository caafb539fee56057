import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/** The no-flame end of soft cord: woven back with a needle under the last half knots, whose grip holds it without glue. */
export const wovenEnd: Part = {
  slug: 'woven-end',
  name: 'Woven end',
  stretch: 'end',
  use: ({ figures, halfPitch }) => ({
    mm: figures.tucked_half_knots * halfPitch,
    because: origin(
      'woven-back',
      { half_knots: figures.tucked_half_knots, each_mm: halfPitch },
      `woven back under ${figures.tucked_half_knots} half knots of ${n1(halfPitch)} mm`,
    ),
  }),
  // Back under the knotting.
  ways: straightOn(({ figures, halfPitch }) => -figures.tucked_half_knots * halfPitch, -1),
  along: nothingAlong,
  check: noClash,
  end: 'drawn',
  seconds: 75,
  tools: ['scissors', 'blunt needle'],
  step: 'Check the size on the wrist. Then weave each end back under the last half knots with a needle, and trim.',
};
