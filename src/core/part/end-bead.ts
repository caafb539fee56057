import { barOf } from './bar';
import { checkHole } from './hole';
import { knotCord } from './overhand';
import { n1, nothingAlong, type Part } from './part';

/** A bead on the end, held by an overhand knot behind it. */
export const endBead: Part = {
  slug: 'end-bead',
  name: 'End bead',
  stretch: 'end',
  use: (context) => {
    const knot = knotCord(context);
    const { length_mm: length } = barOf(context);
    return { mm: length + knot.mm, because: `${n1(length)} mm through the bead, and ${knot.because}` };
  },
  along: nothingAlong,
  byOne: true,
  check: checkHole,
  seconds: 30,
  end: 'drawn',
  tools: [],
  step: 'Thread the end bead and tie an overhand knot behind it; trim beyond the knot.',
};
