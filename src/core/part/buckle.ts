import { turnWays, barOf, checkOpening, turnRound } from './bar';
import type { Part } from './part';

/** The far buckle half: each leg goes through the slot, round the strap bar, and comes back to work over the core. */
export const buckle: Part = {
  slug: 'buckle',
  name: 'Buckle half',
  stretch: 'closure',
  use: turnRound,
  ways: turnWays,
  // The knotting stands against the plastic on both sides: the whole closed length shows.
  along: (context) => barOf(context).closed_mm,
  check: checkOpening,
  seconds: 40,
  tools: ['ruler'],
  step: 'Bring both legs through the slot of the other half, set the band’s length on the ruler, edge to edge of the two halves, and turn them back.',
};
