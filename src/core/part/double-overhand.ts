import { OVERHAND_HEIGHT } from '../stitch';
import { stopperAlong, stopperCord, stopperGirth, stopperWays, type Stopper } from './overhand';
import { noClash, type Part } from './part';

export const DOUBLE_OVERHAND: Stopper = {
  knot: 'double-overhand',
  name: 'double overhand knot',
  height: OVERHAND_HEIGHT + 1,
};

export const doubleOverhand: Part = {
  slug: 'double-overhand',
  name: 'Double overhand knot',
  stretch: 'end',
  use: (context) => stopperCord(context, DOUBLE_OVERHAND),
  ways: (context) => stopperWays(context, DOUBLE_OVERHAND),
  along: (context) => stopperAlong(context, DOUBLE_OVERHAND),
  girth: (context) => stopperGirth(context, DOUBLE_OVERHAND),
  byOne: true,
  check: noClash,
  seconds: 30,
  end: 'drawn',
  tools: [],
  step: 'As an overhand knot, with the end led round once more before it is drawn tight.',
};
