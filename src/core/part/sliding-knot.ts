import { n1, noClash, nothingAlong, turn, type Part, type PartContext } from './part';

/** Cord of this diameter or more takes a turn less: it grips with two. */
const THICK = 3;

/** One turn: round the standing strands and the end itself, laid along them. */
const wound = ({ strands, d }: PartContext): number => turn(strands + 1, d);

/** The end wound round the standing strand and itself so many times, and led back under its turns: it slides when it is pushed. */
export const slidingKnot: Part = {
  slug: 'sliding-knot',
  name: 'Wrapped sliding knot',
  stretch: 'closure',
  use: (context) => ({
    mm: context.times * wound(context) + (context.times + 1) * context.d,
    because: `${context.times} turns of ${n1(wound(context))}, and back under them: ${context.times + 1} × ${n1(context.d)}`,
  }),
  along: nothingAlong,
  ring: ({ d, times }) => ({
    mm: (times + 1) * d,
    because: `${times} turns side by side, and where the end comes out: ${times + 1} × ${n1(d)}`,
  }),
  turns: (cord) => (cord.diameter_mm >= THICK ? 2 : 3),
  check: noClash,
  seconds: 75,
  end: 'drawn',
  tools: [],
  step: 'Wind the end round the other strand and back over itself, lead it under all the turns, and draw up. Trim only when both knots slide.',
};
