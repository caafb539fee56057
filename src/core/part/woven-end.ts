import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/** The use of an end that is led back with a needle along some half knots, and how it says that. */
export const ledBack =
  (code: string, words: string): Part['use'] =>
  ({ figures: { tucked_half_knots: half_knots }, halfPitch: each_mm }) => ({
    mm: half_knots * each_mm,
    because: origin(code, { half_knots, each_mm }, `${words} ${half_knots} half knots of ${n1(each_mm)} mm`),
  });

/** The no-flame end of soft cord: woven back with a needle under the last half knots, whose grip holds it without glue. */
export const wovenEnd: Part = {
  slug: 'woven-end',
  name: 'Woven end',
  stretch: 'end',
  use: ledBack('woven-back', 'woven back under'),
  // Back under the knotting.
  ways: straightOn(({ figures, halfPitch }) => -figures.tucked_half_knots * halfPitch, -1),
  along: nothingAlong,
  check: noClash,
  end: 'drawn',
  seconds: 75,
  tools: ['scissors', 'blunt needle'],
  step: 'Check the size on the wrist. Then weave each end back under the last half knots with a needle, and trim.',
};
