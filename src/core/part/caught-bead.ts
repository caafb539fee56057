import { origin } from '../studio';
import { barOf } from './bar';
import { checkHole } from './hole';
import { OVERHAND_KNOT, stopperAlong, stopperCord, stopperWays } from './overhand';
import { n1, nothingAlong, type Part } from './part';
import type { Point } from '../stitch';
import { fitted, turnedHalf, wayLength } from './way/way';

/** A bead on the ends of several strands, caught between two overhand knots of all of them. */
export const caughtBead: Part = {
  slug: 'caught-bead',
  name: 'Bead between two knots',
  stretch: 'end',
  use: (context) => {
    const knot = stopperCord(context, OVERHAND_KNOT);
    const { length_mm: length } = barOf(context);
    return {
      mm: length + 2 * knot.mm,
      because: origin(
        'bead-and-two-knots',
        { length_mm: length },
        `${n1(length)} mm through the bead, and twice ${knot.because.text}`,
        [knot.because],
      ),
    };
  },
  // The first knot, straight through the bead, and the second.
  ways: (context) => {
    const { d } = context;
    const { length_mm: length } = barOf(context);
    const high = stopperAlong(context, OVERHAND_KNOT);
    const knot = stopperWays(context, OVERHAND_KNOT);
    const middle = (ends: readonly Point[], axis: 0 | 2): number =>
      ends.reduce((sum, end) => sum + end[axis], 0) / ends.length;
    const [outs, starts] = [knot.map(({ points }) => points.at(-1)!), knot.map(({ points }) => points[0]!)];
    // Where strands change sides in the knot, the second is tied turned over.
    const crosses = starts[0]![0] > middle(starts, 0) !== outs[0]![0] > middle(outs, 0);
    const seconds = knot.map(({ points }) => (crosses ? turnedHalf(points) : points));
    const intos = seconds.map((points) => points[0]!);
    return knot.map(({ leg, points }, i) => {
      const [out, into] = [outs[i]!, intos[i]!];
      // In the bead they lie beside each other, turned half way from how they come out to how they go in.
      const off = ([0, 2] as const).map((axis) => out[axis] - middle(outs, axis) + into[axis] - middle(intos, axis));
      const apart = (0.55 * d) / (Math.hypot(...off) || Infinity);
      const both = (long: number): Point[] => [
        ...points,
        [
          (middle(outs, 0) + middle(intos, 0)) / 2 + off[0]! * apart,
          high + long / 2,
          (middle(outs, 2) + middle(intos, 2)) / 2 + off[1]! * apart,
        ],
        ...seconds[i]!.map(([x, y, z]): Point => [x, y + high + long, z]),
      ];
      return { leg, points: fitted(2 * wayLength(points) + length, both, 2 * length) };
    });
  },
  along: nothingAlong,
  byOne: true,
  check: checkHole,
  seconds: 60,
  end: 'drawn',
  tools: [],
  step: 'Tie an overhand knot of both strands, thread the bead on them, tie another knot behind it, and trim.',
};
