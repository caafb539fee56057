import { n1, noClash, nothingAlong, turn, type Part } from './part';

/** The end wound round the standing strand and itself so many times, and led back under its turns: it slides when it is pushed. */
export const slidingKnot: Part = {
  slug: 'sliding-knot',
  name: 'Wrapped sliding knot',
  stretch: 'closure',
  use: ({ d, times }) => ({
    mm: times * turn(2, d) + (times + 1) * d,
    because: `${times} turns of ${n1(turn(2, d))}, and back under them: ${times + 1} × ${n1(d)}`,
  }),
  along: nothingAlong,
  check: noClash,
  seconds: 75,
  held: true,
  tools: [],
  step: 'Wind the end round the other strand and back over itself, lead it under all the turns, and draw up. Trim only when both knots slide.',
};
