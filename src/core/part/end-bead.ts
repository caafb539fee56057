import { origin } from '../studio';
import { barOf } from './bar';
import { checkHole } from './hole';
import { knotCord, OVERHAND_KNOT, stopperWays } from './overhand';
import { fitted, straight, wayLength } from './way/way';
import type { Point } from '../stitch';
import { n1, nothingAlong, type Part } from './part';

/** A bead on the end, held by an overhand knot behind it. */
export const endBead: Part = {
  slug: 'end-bead',
  name: 'End bead',
  stretch: 'end',
  use: (context) => {
    const knot = knotCord(context);
    const { length_mm: length } = barOf(context);
    return {
      mm: length + knot.mm,
      because: origin(
        'through-and-knot',
        { length_mm: length },
        `${n1(length)} mm through the bead, and ${knot.because.text}`,
        [knot.because],
      ),
    };
  },
  // Straight through the bead to the knot behind it.
  ways: (context) => {
    const { d } = context;
    const { length_mm: length } = barOf(context);
    return stopperWays(context, OVERHAND_KNOT).map(({ leg, points }) => {
      const [x, , z] = points[0]!;
      return {
        leg,
        points: fitted(
          wayLength(points) + length,
          (long) => [
            ...straight(x, 0, long - 2 * d, z),
            ...straight(x, long - d, long, z),
            ...points.slice(1).map(([px, y, pz]): Point => [px, y + long, pz]),
          ],
          2 * length,
        ),
      };
    });
  },
  along: nothingAlong,
  byOne: true,
  check: checkHole,
  seconds: 30,
  end: 'drawn',
  tools: [],
  step: 'Thread the end bead and tie an overhand knot behind it; trim beyond the knot.',
};
