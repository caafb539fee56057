import { OVERHAND_HEIGHT } from '../stitch';
import { KNOT_ACROSS, knotted, OVERHAND_CORD, stopperCord } from './overhand';
import { noClash, type Part } from './part';

/**
 * Drawn tight and closed, the overhand is 16.37 diameters long and the figure eight 21.04 (lengths of the tightest trefoil and
 * figure-eight knot): it takes the difference more.
 */
const CORD = OVERHAND_CORD + (21.04 - 16.37);

export const figureEight: Part = {
  slug: 'figure-eight',
  name: 'Figure eight knot',
  stretch: 'end',
  use: (context) => stopperCord(context, 'figure eight knot', CORD, 2),
  along: (context) => (OVERHAND_HEIGHT + 0.5) * knotted(context) * context.d,
  girth: (context) => Math.PI * (KNOT_ACROSS + 0.5) * knotted(context) * context.d,
  byOne: true,
  check: noClash,
  seconds: 30,
  end: 'drawn',
  tools: [],
  step: 'Cross the end over, lead it round behind and down through the first loop, and draw it tight.',
};
