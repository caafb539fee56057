import { n1, noClash, type Part } from './part';

/**
 * The round button knot of two legs (or of two bundles). Each leg goes one and a half times round a ball whose middle line
 * has a radius of 1.5 diameters, and up through its middle: 1.5 × 2π × 1.5 + 3 diameters. The ball is 4 diameters across.
 */
const CORD = 1.5 * 2 * Math.PI * 1.5 + 3;
const BALL = 4;
/** Legs past the second are laid along the first two: the ball grows with their area. */
const grown = (strands: number): number => Math.sqrt(Math.max(1, strands / 2));

export const buttonKnot: Part = {
  slug: 'button-knot',
  name: 'Button knot',
  stretch: 'closure',
  use: ({ strands, d }) => ({
    mm: CORD * grown(strands) * d,
    because: `the button knot: (1.5 × 2π × 1.5 + 3) × ${n1(d * grown(strands))}`,
  }),
  along: ({ strands, d }) => BALL * grown(strands) * d,
  girth: ({ strands, d }) => Math.PI * BALL * grown(strands) * d,
  check: noClash,
  seconds: 180,
  end: 'drawn',
  tools: ['blunt needle'],
  step: 'Tie the button knot from the core tails: each leg round the other’s loop and up through the middle. Work the slack out leg by leg.',
};
