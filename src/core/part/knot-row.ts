import { knotCord } from './overhand';
import { n1, noClash, nothingAlong, type Part } from './part';

/**
 * A row of overhand knots of both legs, with loops between them that the button passes: one piece that fits several sizes.
 * Each leg gives its way through every knot, and half of every loop.
 */
export const knotRow: Part = {
  slug: 'knot-row',
  name: 'Row of end knots',
  stretch: 'closure',
  use: (context) => {
    const knot = knotCord(context);
    const loop = (context.mate * context.figures.loop_fit + Math.PI * context.d) / 2;
    return {
      mm: context.times * (knot.mm + loop),
      because: `${context.times} × (half a loop of ${n1(loop)} and ${knot.because})`,
    };
  },
  along: nothingAlong,
  check: noClash,
  seconds: 120,
  held: true,
  tools: ['ruler'],
  step: 'Tie both legs as one, leave a loop the button just passes, and tie again, for as many sizes as are wanted.',
};
