import { checkOpening, turnRound } from './bar';
import { nothingAlong, type Part } from './part';

/** The far buckle half: each leg goes through the slot, round the strap bar, and comes back to work over the core. */
export const buckle: Part = {
  slug: 'buckle',
  name: 'Buckle half',
  stretch: 'closure',
  use: turnRound,
  along: nothingAlong,
  check: checkOpening,
  seconds: 40,
  heat: false,
  tools: ['ruler'],
  step: 'Bring both legs through the slot of the other half, set the distance bar to bar on the ruler, and turn them back.',
};
