import { origin } from '../studio';
import { n1, noClash, type Part } from './part';
import { girthOf } from './way/girth';
import { sideKnot } from './way/knot-way';
import { wayLength } from './way/way';

const CORD = wayLength(sideKnot(1).ways[0]!.points);

/** Two legs turned back, one behind both and one in front of both, each end led through the loop of the other and out at the side. */
export const turnedBack: Part = {
  slug: 'turned-back',
  name: 'Turned-back knot',
  stretch: 'closure',
  use: ({ d }) => ({
    mm: CORD * d,
    because: origin(
      'turned-back',
      { diameters: CORD, cord_mm: d },
      `each leg turned back round both and through the other’s loop: ${n1(CORD)} × ${n1(d)}`,
    ),
  }),
  ways: ({ d }) => sideKnot(d).ways,
  along: ({ d }) => sideKnot(d).height * d,
  girth: ({ d }) => girthOf('turned-back', () => sideKnot(1).ways) * d,
  check: noClash,
  seconds: 90,
  end: 'drawn',
  tools: [],
  step: 'Turn the right leg back under both and the left one back over both, each with a loop. Lead the lower end up through the left loop and the upper one down through the right loop, and pull both out to the sides.',
};
