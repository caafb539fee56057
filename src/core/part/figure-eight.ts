import { OVERHAND_EXCESS, OVERHAND_HEIGHT } from '../stitch';
import { KNOT_ACROSS } from './overhand';
import { asOne, n1, noClash, type Part } from './part';

/**
 * Drawn tight and closed, the overhand is 16.37 diameters long and the figure eight 21.04 (lengths of the tightest trefoil and
 * figure-eight knot): it takes the difference more.
 */
const CORD = OVERHAND_EXCESS + OVERHAND_HEIGHT + (21.04 - 16.37);

export const figureEight: Part = {
  slug: 'figure-eight',
  name: 'Figure eight knot',
  stretch: 'end',
  use: ({ strands, d }) => ({
    mm: CORD * asOne(strands) * d,
    because: `the knot: ${n1(CORD)} × ${strands > 1 ? `${asOne(strands).toFixed(2)} for ${strands} strands as one × ` : ''}${n1(d)}`,
  }),
  along: ({ strands, d }) => (OVERHAND_HEIGHT + 0.5) * asOne(strands) * d,
  girth: ({ strands, d }) => Math.PI * (KNOT_ACROSS + 0.5) * asOne(strands) * d,
  check: noClash,
  seconds: 30,
  held: true,
  tools: [],
  step: 'Cross the end over, lead it round behind and down through the first loop, and draw it tight.',
};
