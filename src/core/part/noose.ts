import { knotCord } from './overhand';
import { n1, noClash, nothingAlong, turn, type Part } from './part';

/** A fixed small loop at the fold, through which both legs run: half a turn round two legs for each leg, and the knot under it. */
export const noose: Part = {
  slug: 'noose',
  name: 'Noose loop',
  stretch: 'start',
  use: (context) => {
    const knot = knotCord(context);
    const eye = turn(2, context.d) / 2;
    return { mm: eye + knot.mm, because: `half the eye round two legs: ${n1(eye)}; and ${knot.because}` };
  },
  along: nothingAlong,
  check: noClash,
  seconds: 40,
  tools: [],
  step: 'Tie both legs as one in an overhand knot just under the fold, leaving an eye that two legs run through with a little drag.',
};
