import { origin } from '../studio';
import { OVERHAND_KNOT, stopperAlong } from './overhand';
import { n1, noClash, nothingAlong, straightOn, type Part, type PartContext } from './part';

/** Through the knot that traps it, and as far out of it as an end is melted flat. */
const long = (context: PartContext): number => stopperAlong(context, OVERHAND_KNOT) + context.figures.fused_stub;

/** A strand's end, melted flat beforehand and held by a knot that is drawn tight on it. */
export const trappedEnd: Part = {
  slug: 'trapped-end',
  name: 'End trapped in a knot',
  stretch: 'start',
  use: (context) => ({
    mm: long(context),
    because: origin(
      'trapped',
      { knot_mm: stopperAlong(context, OVERHAND_KNOT), stub_mm: context.figures.fused_stub },
      `${n1(stopperAlong(context, OVERHAND_KNOT))} through the knot and ${n1(context.figures.fused_stub)} melted flat beyond it`,
    ),
  }),
  ways: straightOn(long),
  along: nothingAlong,
  byOne: true,
  check: noClash,
  seconds: 40,
  withoutHeat: 'half-hitches',
  tools: ['small lighter', 'water at hand'],
  step: 'Melt the end beforehand and press it flat. Push it up through the gap of the loop’s knot, and draw the knot hard on it.',
};
