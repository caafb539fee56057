import { origin } from '../studio';
import { n1, noClash, nothingAlong, type Part, type PartContext } from './part';
import { oval } from './way/oval';
import { wayLength, type Way } from './way/way';

/** Both legs once round the core from the fold, turn beside turn. */
const ways = ({ strands, round, d }: PartContext): Way[] =>
  [0, 1].map((leg) => ({ leg, points: oval(strands, round || d, d, leg * 1.1 * d, 2.2 * d) }));

/** A cord looped on round other strands at its middle: its fold goes behind them, and both ends through the fold. */
export const loopedOnCore: Part = {
  slug: 'looped-on-core',
  name: 'Looped on round the core',
  stretch: 'start',
  use: (context) => {
    const mm = wayLength(ways(context)[0]!.points);
    return {
      mm,
      because: origin(
        'once-round',
        { strands: context.strands, way_mm: mm },
        `from the fold once round ${context.strands} strands: ${n1(mm)}`,
      ),
    };
  },
  ways,
  along: nothingAlong,
  check: noClash,
  seconds: 30,
  tools: [],
  step: 'Fold the thread in the middle. Lay its loop behind the strands, put both ends through it, and draw it up.',
};
