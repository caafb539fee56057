import { stopperAlong, stopperCord, stopperGirth, stopperWays, type Stopper } from './overhand';
import { noClash, type Part, type PartContext } from './part';

const KNOT: Stopper = { knot: 'stacked-overhand', name: 'two overhand knots, one over the other', height: 6.46 };

/** Nobody ties it by one leg alone. */
const byAll = (context: PartContext): PartContext => ({ ...context, tied: 'all' });

/** Two overhand knots of all strands as one, the second laid over the first: one thick knot. */
export const stackedOverhand: Part = {
  slug: 'stacked-overhand',
  name: 'Stacked overhand knots',
  stretch: 'end',
  use: (context) => stopperCord(byAll(context), KNOT),
  ways: (context) => stopperWays(byAll(context), KNOT),
  along: (context) => stopperAlong(byAll(context), KNOT),
  girth: (context) => stopperGirth(byAll(context), KNOT),
  check: noClash,
  seconds: 60,
  end: 'drawn',
  tools: [],
  step: 'Tie all strands as one in an overhand knot, close to the band. Tie a second one and work it over the first before you draw it tight.',
};
