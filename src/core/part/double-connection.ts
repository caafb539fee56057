import { OVERHAND_EXCESS, OVERHAND_HEIGHT } from '../stitch';
import { n1, noClash, type Part } from './part';

/** Two overhand knots, each leg's round the other: each leg uses its own knot and half the girth of the strand it encloses more. */
const CORD = OVERHAND_EXCESS + OVERHAND_HEIGHT + Math.PI;

export const doubleConnection: Part = {
  slug: 'double-connection',
  name: 'Double connection knot',
  stretch: 'closure',
  use: ({ d }) => ({ mm: CORD * d, because: `two overhand knots, one through the other: ${n1(CORD)} × ${n1(d)}` }),
  along: ({ d }) => OVERHAND_HEIGHT * d,
  girth: ({ d }) => Math.PI * 4 * d,
  check: noClash,
  seconds: 60,
  end: 'drawn',
  tools: [],
  step: 'Tie an overhand knot with one leg round the other, then with the other through it, and draw both together.',
};
