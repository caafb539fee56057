import { OVERHAND_HEIGHT } from '../stitch';
import { KNOT_ACROSS, knotted, OVERHAND_CORD, stopperCord } from './overhand';
import { noClash, type Part } from './part';

/**
 * The overhand with one more turn. Drawn tight and closed, the overhand is 16.37 diameters long and this one 23.55 (lengths
 * of the tightest trefoil and five-crossing torus knot): the difference is what the turn takes, and it stands a diameter higher.
 */
const CORD = OVERHAND_CORD + (23.55 - 16.37);

export const doubleOverhand: Part = {
  slug: 'double-overhand',
  name: 'Double overhand knot',
  stretch: 'end',
  use: (context) => stopperCord(context, 'double overhand knot', CORD, 2),
  along: (context) => (OVERHAND_HEIGHT + 1) * knotted(context) * context.d,
  girth: (context) => Math.PI * (KNOT_ACROSS + 0.5) * knotted(context) * context.d,
  byOne: true,
  check: noClash,
  seconds: 30,
  end: 'drawn',
  tools: [],
  step: 'As an overhand knot, with the end led round once more before it is drawn tight.',
};
