import { origin } from '../studio';
import { knotLength, pairWays } from './way/knot-way';
import { n1, noClash, type Part } from './part';

/** The ball is 4 diameters across. */
const BALL = 4;
const ofOne = (): number => knotLength('button-knot', BALL);
/** Legs past the second are laid along the first two: the ball grows with their area. */
const grown = (strands: number): number => Math.sqrt(Math.max(1, strands / 2));

/**
 * The round button knot of two legs (or of two bundles): each goes one and a half times round the ball, over and under, then under the
 * other where that begins, and up through the middle. Its cord is the way it is drawn, from drawing the knot tight.
 */
export const buttonKnot: Part = {
  slug: 'button-knot',
  name: 'Button knot',
  stretch: 'closure',
  use: ({ strands, d }) => {
    const cord = ofOne();
    return {
      mm: cord * grown(strands) * d,
      because: origin(
        'button-knot',
        { diameters: cord, strands, thick_mm: d * grown(strands) },
        `the button knot, one and a half times round and up through the middle: ${n1(cord)} × ${n1(d * grown(strands))}`,
      ),
    };
  },
  ways: ({ strands, d }) =>
    pairWays('button-knot', strands, d, ofOne() * grown(strands) * d, BALL * grown(strands) * d),
  along: ({ strands, d }) => BALL * grown(strands) * d,
  girth: ({ strands, d }) => Math.PI * BALL * grown(strands) * d,
  check: noClash,
  seconds: 180,
  end: 'drawn',
  tools: ['blunt needle'],
  step: 'Tie the button knot from the core tails: each leg round the other’s loop and up through the middle. Work the slack out leg by leg.',
};
