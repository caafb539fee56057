import { origin } from '../studio';
import { knotCord, OVERHAND_KNOT, stopperAlong, stopperWays } from './overhand';
import { n1, noClash, nothingAlong, type Part } from './part';
import { knotThenLoop } from './way/loop-way';

/** A loop at the folds, all strands tied as one under it, so high that an end goes through it to be tied on. */
export const tieLoop: Part = {
  slug: 'tie-loop',
  name: 'Loop to tie on by',
  stretch: 'loop',
  use: (context) => {
    const knot = knotCord(context);
    const height = context.figures.tie_loop;
    return {
      mm: height + knot.mm,
      because: origin('tie-loop', { height_mm: height }, `the loop ${n1(height)} high, and ${knot.because.text}`, [
        knot.because,
      ]),
    };
  },
  ways: (context) => knotThenLoop(stopperWays(context, OVERHAND_KNOT), context.figures.tie_loop, context.d),
  along: nothingAlong,
  // The end that goes through it is drawn up to the knot.
  ring: (context) => {
    const mm = stopperAlong(context, OVERHAND_KNOT);
    return { mm, because: origin('loop-knot', { knot_mm: mm }, `the loop’s knot: ${n1(mm)}`) };
  },
  byOne: true,
  check: noClash,
  seconds: 60,
  tools: ['ruler'],
  step: 'Tie all strands as one in an overhand knot just below the folds, and leave the loop as high as your thumb’s top joint.',
};
