import { OVERHAND_KNOT, stopperAlong, stopperCord, stopperWays } from './overhand';
import { noClash, type Part, type PartContext } from './part';
import type { Point } from '../stitch';
import { fitted, straight, wayLength } from './way/way';

/** How far the knot stands from the button, in cord diameters: what the closing strands need under it (derived). */
const GAP = 1.5;
const gap = ({ d }: PartContext): number => GAP * d;

/** An overhand of all strands behind a button, with room before it for the strands that close round the button. */
export const neckKnot: Part = {
  slug: 'neck-knot',
  name: 'Knot behind the button',
  stretch: 'start',
  use: (context) => {
    const knot = stopperCord(context, OVERHAND_KNOT);
    return { mm: gap(context) + knot.mm, because: knot.because };
  },
  ways: (context) =>
    stopperWays(context, OVERHAND_KNOT).map(({ leg, points }) => {
      const [x, , z] = points[0]!;
      const after = (long: number): Point[] => [
        ...straight(x, 0, 0.7 * long, z),
        ...points.map(([px, y, pz]): Point => [px, y + long, pz]),
      ];
      return { leg, points: fitted(gap(context) + wayLength(points), after, 2 * gap(context)) };
    }),
  along: (context) => gap(context) + stopperAlong(context, OVERHAND_KNOT),
  byOne: true,
  check: noClash,
  seconds: 40,
  tools: [],
  step: 'Tie both strands as one in an overhand knot, slide it up towards the button, and stop just before it touches.',
};
