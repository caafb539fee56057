import { origin } from '../studio';
import { knotThenLoop } from './way/loop-way';
import { OVERHAND_KNOT, stopperWays } from './overhand';
import { OVERHAND_HEIGHT } from '../stitch';
import { knotCord, knotted } from './overhand';
import { n1, noClash, nothingAlong, turn, type Part } from './part';

/** A fixed small loop at the fold, through which both legs run: half its eye round two legs for each leg, and the knot under it. */
export const noose: Part = {
  slug: 'noose',
  name: 'Noose loop',
  stretch: 'start',
  use: (context) => {
    const knot = knotCord(context);
    const eye = turn(2, context.d) / 2;
    return {
      mm: eye + knot.mm,
      because: origin(
        'half-eye',
        { eye_mm: eye },
        `half the eye round two legs: ${n1(eye)}; and ${knot.because.text}`,
        [knot.because],
      ),
    };
  },
  ways: (context) => knotThenLoop(stopperWays(context, OVERHAND_KNOT), turn(2, context.d) / 2, context.d),
  along: nothingAlong,
  ring: (context) => {
    const knot = OVERHAND_HEIGHT * knotted(context) * context.d;
    const eye = turn(2, context.d) / 2;
    return {
      mm: knot + eye,
      because: origin(
        'noose-and-eye',
        { knot_mm: knot, eye_mm: eye },
        `the noose’s knot of ${n1(knot)}, and the reach of its eye: ${n1(eye)}`,
      ),
    };
  },
  byOne: true,
  check: noClash,
  seconds: 40,
  tools: [],
  step: 'Tie the knot just under the fold, one leg round the other, leaving an eye that two legs run through with a little drag.',
};
