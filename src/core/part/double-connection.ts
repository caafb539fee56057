import { OVERHAND_HEIGHT } from '../stitch';
import { origin } from '../studio';
import { n1, noClash, type Part, type PartContext } from './part';
import { girthOf } from './way/girth';
import { knotLength, pairWays } from './way/knot-way';
import type { Way } from './way/way';

const ways = ({ strands, d }: Pick<PartContext, 'strands' | 'd'>): Way[] =>
  pairWays('double-connection', strands, d, knotLength('double-connection', OVERHAND_HEIGHT) * d, OVERHAND_HEIGHT * d);

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
  ways,
  along: ({ d }) => OVERHAND_HEIGHT * d,
  girth: ({ strands, d }) => girthOf(`double-connection ${strands}`, () => ways({ strands, d: 1 })) * d,
  check: noClash,
  seconds: 60,
  end: 'drawn',
  tools: [],
  step: 'Tie an overhand knot with one leg round the other, then with the other through it, and draw both together.',
};
