import { origin } from '../studio';
import { loopInside, loopReach } from './fold-loop';
import { knotCord, OVERHAND_KNOT, stopperAlong, stopperWays } from './overhand';
import { n1, noClash, nothingAlong, type Part, type PartContext } from './part';
import { knotThenLoop } from './way/loop-way';

/** All the way round the loop, mm: as it is carried, or as what runs through it needs, along the middle of its cord. */
const loopLength = (context: PartContext): number => context.loop || loopInside(context) + Math.PI * context.d;

/** A loop with all legs tied as one in an overhand knot: each leg gives half the loop and one way through the knot. */
export const overhandLoop: Part = {
  slug: 'overhand-loop',
  name: 'Overhand loop',
  stretch: 'loop',
  use: (context) => {
    const knot = knotCord(context);
    const loop = loopLength(context);
    return {
      mm: loop / 2 + knot.mm,
      because: origin('half-loop', { loop_mm: loop }, `half of a ${n1(loop)} mm loop, and ${knot.because.text}`, [
        knot.because,
      ]),
    };
  },
  ways: (context) => knotThenLoop(stopperWays(context, OVERHAND_KNOT), loopLength(context) / 2, context.d),
  // A carry loop lies beyond the band, which spans from ring to knot.
  along: nothingAlong,
  // One that closes stands in the ring with its knot.
  ring: (context) => {
    const knot = stopperAlong(context, OVERHAND_KNOT);
    const reach = loopReach(context);
    return {
      mm: knot + reach.mm,
      because: origin('loop-and-knot', { knot_mm: knot }, `the loop’s knot of ${n1(knot)}, and ${reach.because.text}`, [
        reach.because,
      ]),
    };
  },
  byOne: true,
  check: noClash,
  seconds: 90,
  tools: ['ruler'],
  step: 'Fold in the middle, set the loop on the ruler, and tie all legs as one in an overhand knot.',
};
