import { OVERHAND_EXCESS, OVERHAND_HEIGHT } from '../stitch';
import { KNOT_ACROSS } from './overhand';
import { asOne, n1, noClash, type Part } from './part';

/**
 * The overhand with one more turn. Drawn tight and closed, the overhand is 16.37 diameters long and this one 23.55 (lengths
 * of the tightest trefoil and five-crossing torus knot): the difference is what the turn takes, and it stands a diameter higher.
 */
const CORD = OVERHAND_EXCESS + OVERHAND_HEIGHT + (23.55 - 16.37);

export const doubleOverhand: Part = {
  slug: 'double-overhand',
  name: 'Double overhand knot',
  stretch: 'end',
  use: ({ strands, d }) => ({
    mm: CORD * asOne(strands) * d,
    because: `the knot: ${n1(CORD)} × ${strands > 1 ? `${asOne(strands).toFixed(2)} for ${strands} strands as one × ` : ''}${n1(d)}`,
  }),
  along: ({ strands, d }) => (OVERHAND_HEIGHT + 1) * asOne(strands) * d,
  girth: ({ strands, d }) => Math.PI * (KNOT_ACROSS + 0.5) * asOne(strands) * d,
  check: noClash,
  seconds: 30,
  held: true,
  tools: [],
  step: 'As an overhand knot, with the end led round once more before it is drawn tight.',
};
