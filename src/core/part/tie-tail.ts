import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/** An end left long to tie the piece on with. */
export const tieTail: Part = {
  slug: 'tie-tail',
  name: 'Tie-on tail',
  stretch: 'end',
  use: ({ figures }) => ({
    mm: figures.tie_tail,
    because: origin(
      'to-tie-with',
      { tail_mm: figures.tie_tail },
      `${n1(figures.tie_tail)} mm left to tie a bow or reef with`,
    ),
  }),
  ways: straightOn(({ figures }) => figures.tie_tail),
  along: nothingAlong,
  ring: ({ figures }) => ({
    mm: figures.tie_gap,
    because: origin(
      'knot-between',
      { gap_mm: figures.tie_gap },
      `${n1(figures.tie_gap)} mm for the knot that ties it on`,
    ),
  }),
  check: noClash,
  end: 'long',
  seconds: 10,
  tools: [],
  step: 'Leave the ends a hand long to tie on with, and trim them to one length.',
};
