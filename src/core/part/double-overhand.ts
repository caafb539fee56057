import { OVERHAND_HEIGHT } from '../stitch';
import { knotted, KNOT_ACROSS, stopperAlong, stopperCord, stopperWays, type Stopper } from './overhand';
import { noClash, type Part } from './part';

const KNOT: Stopper = { knot: 'double-overhand', name: 'double overhand knot', height: OVERHAND_HEIGHT + 1 };

export const doubleOverhand: Part = {
  slug: 'double-overhand',
  name: 'Double overhand knot',
  stretch: 'end',
  use: (context) => stopperCord(context, KNOT),
  ways: (context) => stopperWays(context, KNOT),
  along: (context) => stopperAlong(context, KNOT),
  girth: (context) => Math.PI * (KNOT_ACROSS + 0.5) * knotted(context) * context.d,
  byOne: true,
  check: noClash,
  seconds: 30,
  end: 'drawn',
  tools: [],
  step: 'As an overhand knot, with the end led round once more before it is drawn tight.',
};
