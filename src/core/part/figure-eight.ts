import { OVERHAND_HEIGHT } from '../stitch';
import { stopperAlong, stopperCord, stopperGirth, stopperWays, type Stopper } from './overhand';
import { noClash, type Part } from './part';

const KNOT: Stopper = { knot: 'figure-eight', name: 'figure eight knot', height: OVERHAND_HEIGHT + 0.5 };

export const figureEight: Part = {
  slug: 'figure-eight',
  name: 'Figure eight knot',
  stretch: 'end',
  use: (context) => stopperCord(context, KNOT),
  ways: (context) => stopperWays(context, KNOT),
  along: (context) => stopperAlong(context, KNOT),
  girth: (context) => stopperGirth(context, KNOT),
  byOne: true,
  check: noClash,
  seconds: 30,
  end: 'drawn',
  tools: [],
  step: 'Cross the end over, lead it round behind and down through the first loop, and draw it tight.',
};
