import { barOf, checkOpening, turnRound } from './bar';
import type { Part } from './part';

/** The far buckle half: each leg goes through the slot, round the strap bar, and comes back to work over the core. */
export const buckle: Part = {
  slug: 'buckle',
  name: 'Buckle half',
  stretch: 'closure',
  use: turnRound,
  // Closed, the two halves hold the bars this far apart.
  along: (context) => barOf(context).closed_mm,
  check: checkOpening,
  seconds: 40,
  tools: ['ruler'],
  step: 'Bring both legs through the slot of the other half, set the distance bar to bar on the ruler, and turn them back.',
};
