import { OVERHAND_HEIGHT } from '../stitch';
import { origin } from '../studio';
import { knotLength, pairWays } from './way/knot-way';
import { n1, noClash, type Part } from './part';

/** Two overhand knots, each leg's round the other and through its turn. */
export const doubleConnection: Part = {
  slug: 'double-connection',
  name: 'Double connection knot',
  stretch: 'closure',
  use: ({ d }) => {
    const cord = knotLength('double-connection', OVERHAND_HEIGHT);
    return {
      mm: cord * d,
      because: origin(
        'knots-through-another',
        { diameters: cord, cord_mm: d },
        `two overhand knots, one through the other: ${n1(cord)} × ${n1(d)}`,
      ),
    };
  },
  ways: ({ strands, d }) =>
    pairWays(
      'double-connection',
      strands,
      d,
      knotLength('double-connection', OVERHAND_HEIGHT) * d,
      OVERHAND_HEIGHT * d,
    ),
  along: ({ d }) => OVERHAND_HEIGHT * d,
  girth: ({ d }) => Math.PI * 4 * d,
  check: noClash,
  seconds: 60,
  end: 'drawn',
  tools: [],
  step: 'Tie an overhand knot with one leg round the other, then with the other through it, and draw both together.',
};
