import type { Point } from '../stitch';
import { halfTurn } from './way/around';
import { sideBySide } from './way/way';
import { barOf, turnRound } from './bar';
import { checkHole } from './hole';
import type { Part } from './part';

/** A button with holes, or a shank button: each leg goes up through a hole, over the bridge, and down again beside it. */
export const button: Part = {
  slug: 'button',
  name: 'Button',
  stretch: 'closure',
  use: turnRound,
  // Up through one hole and down through the one farther out, over the bridge between them.
  ways: (context) => {
    const { bar_mm: bridge, length_mm: thick } = barOf(context);
    const r = (bridge + context.d) / 2;
    return sideBySide(context.strands, context.d).map((x, leg) => ({
      leg,
      points: halfTurn(x, r).map(([px, y, z]): Point => [px, thick / 2 - z, y]),
    }));
  },
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
