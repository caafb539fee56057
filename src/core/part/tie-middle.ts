import { n1, noClash, nothingAlong, type Part } from './part';

/** A working cord laid behind the core at its middle: each leg starts half the core's width from its middle. */
export const tieMiddle: Part = {
  slug: 'tie-middle',
  name: 'Tied on at the middle',
  stretch: 'start',
  use: ({ d, strands }) => ({
    mm: ((strands + 1) * d) / 2,
    because: `from its middle to the edge of ${strands} strands: ${n1(((strands + 1) * d) / 2)}`,
  }),
  along: nothingAlong,
  check: noClash,
  seconds: 15,
  tools: [],
  step: 'Lay the working cord behind the core at its middle. It slips off until the first two half knots hold it.',
};
