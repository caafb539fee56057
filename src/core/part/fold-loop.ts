import { n1, noClash, nothingAlong, type Part } from './part';

/**
 * A loop left at the cord's fold, just wide enough for the button or knot that closes it: inside it is that girth with a
 * little slack, and its middle line is π d longer. Each leg gives half.
 */
export const foldLoop: Part = {
  slug: 'fold-loop',
  name: 'Closing loop',
  stretch: 'start',
  use: ({ d, mate, figures }) => ({
    mm: (mate * figures.loop_fit + Math.PI * d) / 2,
    because: `half a loop for a girth of ${n1(mate)}: (${n1(mate)} × ${figures.loop_fit} + π × ${n1(d)}) ÷ 2`,
  }),
  along: nothingAlong,
  check: noClash,
  seconds: 20,
  tools: [],
  step: 'Fold the cord and leave a loop at the fold that the button passes with a push and does not fall out of.',
};
