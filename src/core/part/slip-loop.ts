import { origin } from '../studio';
import { knotThenLoop } from './way/loop-way';
import { OVERHAND_KNOT, stopperWays } from './overhand';
import { loopReach } from './fold-loop';
import { knotCord } from './overhand';
import { n1, noClash, nothingAlong, type Part } from './part';

/** A loop that opens and closes: a bight through an overhand knot of the cord itself. The tying leg gives knot and loop. */
export const slipLoop: Part = {
  slug: 'slip-loop',
  name: 'Slip loop',
  stretch: 'start',
  use: (context) => {
    const knot = knotCord(context);
    return {
      mm: (context.mate * context.figures.loop_fit) / 2 + knot.mm,
      because: origin(
        'half-loop-over',
        { girth_mm: context.mate },
        `half a loop for a girth of ${n1(context.mate)}, and ${knot.because.text}`,
        [knot.because],
      ),
    };
  },
  ways: (context) =>
    knotThenLoop(stopperWays(context, OVERHAND_KNOT), (context.mate * context.figures.loop_fit) / 2, context.d),
  along: nothingAlong,
  ring: loopReach,
  byOne: true,
  check: noClash,
  seconds: 30,
  tools: [],
  step: 'Tie a slip loop at the fold; it closes on the button when it is drawn.',
};
