import { origin } from '../studio';
import { DOUBLE_OVERHAND } from './double-overhand';
import { OVERHAND_KNOT, stopperAlong, stopperCord, stopperWays, type Stopper } from './overhand';
import { n1, noClash, nothingAlong, turn, type Part, type PartContext } from './part';
import { knotThenLoop } from './way/loop-way';

/** The knot under the eye: so many turns round the legs. */
const knotOf = ({ times }: PartContext): Stopper => (times > 1 ? DOUBLE_OVERHAND : OVERHAND_KNOT);

/** An eye at the fold, through which both legs run: half its eye round two legs for each leg, and the knot under it. */
export const noose: Part = {
  slug: 'noose',
  name: 'Noose loop',
  stretch: 'start',
  use: (context) => {
    const knot = stopperCord(context, knotOf(context));
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
  ways: (context) => knotThenLoop(stopperWays(context, knotOf(context)), turn(2, context.d) / 2, context.d),
  along: nothingAlong,
  ring: (context) => {
    const knot = stopperAlong(context, knotOf(context));
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
  step: 'Wind one leg round both legs and itself towards the fold, and lead it through its turns. Leave the eye large. Then pull the other leg until the eye closes on the two strands that run through it.',
};
