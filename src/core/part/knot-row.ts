import { origin } from '../studio';
import { loopInside, loopReach } from './fold-loop';
import { knotCord, OVERHAND_KNOT, stopperAlong, stopperWays } from './overhand';
import { knotsAndLenses } from './way/loop-way';
import { n1, noClash, nothingAlong, type Part } from './part';

/**
 * A row of overhand knots of both legs, with loops between them that the button passes: so many sizes need one knot more. Each leg gives
 * its way through every knot, and half of every loop.
 */
export const knotRow: Part = {
  slug: 'knot-row',
  name: 'Row of end knots',
  stretch: 'closure',
  use: (context) => {
    const knot = knotCord(context);
    const loop = (loopInside(context) + Math.PI * context.d) / 2;
    return {
      mm: context.times * loop + (context.times + 1) * knot.mm,
      because: origin(
        'loops-and-knots',
        { times: context.times, knots: context.times + 1, loop_mm: loop },
        `${context.times} × half a loop of ${n1(loop)}, and ${context.times + 1} knots: ${knot.because.text}`,
        [knot.because],
      ),
    };
  },
  ways: (context) =>
    knotsAndLenses(
      stopperWays(context, OVERHAND_KNOT),
      stopperAlong(context, OVERHAND_KNOT),
      (loopInside(context) + Math.PI * context.d) / 2,
      context.times,
      context.d,
    ),
  along: nothingAlong,
  // Closed over the first of its loops: the knot before it, and its reach.
  ring: (context) => {
    const knot = stopperAlong(context, OVERHAND_KNOT);
    const reach = loopReach(context);
    return {
      mm: knot + reach.mm,
      because: origin('first-knot', { knot_mm: knot }, `the first knot of ${n1(knot)}, and ${reach.because.text}`, [
        reach.because,
      ]),
    };
  },
  byOne: true,
  check: noClash,
  seconds: 120,
  end: 'drawn',
  tools: ['ruler'],
  step: 'Tie both legs as one in an overhand knot close to the band. Leave a gap that the button passes with a push, and tie the next knot: one knot more than there are sizes.',
};
