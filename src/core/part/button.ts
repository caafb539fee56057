import { turnWays, barOf, turnRound } from './bar';
import { checkHole } from './hole';
import type { Part } from './part';

/** A button with holes, or a shank button: each leg goes up through a hole, over the bridge, and down again beside it. */
export const button: Part = {
  slug: 'button',
  name: 'Button',
  stretch: 'closure',
  use: turnRound,
  ways: turnWays,
  along: (context) => barOf(context).length_mm,
  girth: (context) => {
    // On edge, a button passes a loop as wide as its diameter and its thickness, twice round.
    const { width_mm: across, length_mm: thick } = barOf(context);
    return 2 * (across + thick);
  },
  check: checkHole,
  seconds: 40,
  tools: [],
  step: 'Thread the button and draw both sides even.',
};
