import { origin } from '../studio';
import { knotThenLoop } from './way/loop-way';
import { OVERHAND_KNOT, stopperWays } from './overhand';
import { knotCord } from './overhand';
import { n1, noClash, nothingAlong, type Part } from './part';

/** A carry loop with both legs tied as one in an overhand knot: each leg gives half the loop and one way through the knot. */
export const overhandLoop: Part = {
  slug: 'overhand-loop',
  name: 'Overhand loop',
  stretch: 'loop',
  use: (context) => {
    const knot = knotCord(context);
    return {
      mm: context.loop / 2 + knot.mm,
      because: origin(
        'half-loop',
        { loop_mm: context.loop },
        `half of a ${n1(context.loop)} mm loop, and ${knot.because.text}`,
        [knot.because],
      ),
    };
  },
  ways: (context) => knotThenLoop(stopperWays(context, OVERHAND_KNOT), context.loop / 2, context.d),
  // The band spans from ring to knot; the knot itself lies beyond it.
  along: nothingAlong,
  byOne: true,
  check: noClash,
  seconds: 90,
  tools: ['ruler'],
  step: 'Fold the cord in the middle, set the loop on the ruler, and tie both legs as one in an overhand knot.',
};
