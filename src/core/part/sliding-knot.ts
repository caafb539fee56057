import { origin } from '../studio';
import { coil, coilLength } from './way/around';
import { n1, noClash, nothingAlong, type Part } from './part';

/** Cord of this diameter or more takes a turn less: it grips with two. */
const THICK = 3;

/** Length of a knot of so many turns along the strand it slides on, in diameters: the turns, and where the end comes out. */
const lengthOf = (times: number): number => times + 1;

/** The end wound round the standing strand and itself so many times, and led back under its turns: it slides when it is pushed. */
export const slidingKnot: Part = {
  slug: 'sliding-knot',
  name: 'Wrapped sliding knot',
  stretch: 'closure',
  use: ({ d, strands, times, stands }) => {
    if (stands)
      return {
        mm: lengthOf(times) * d,
        because: origin(
          'straight-through-knot',
          { knot: 'sliding-knot', way_mm: lengthOf(times) * d },
          `straight through the sliding knot: ${n1(lengthOf(times) * d)}`,
        ),
      };
    const cord = coilLength(strands + 1, times);
    return {
      mm: cord * d,
      because: origin(
        'wrapped-round',
        { times, strands: strands + 1, diameters: cord, cord_mm: d },
        `${times} turns round ${strands + 1} strands, the end itself among them, and back under them: ${n1(cord)} × ${n1(d)}`,
      ),
    };
  },
  ways: ({ d, strands, times }) => coil(strands + 1, d, times),
  along: nothingAlong,
  ring: ({ d, times }) => ({
    mm: lengthOf(times) * d,
    because: origin(
      'turns-and-end',
      { times, diameters: lengthOf(times), cord_mm: d },
      `${times} turns side by side, and where the end comes out: ${lengthOf(times)} × ${n1(d)}`,
    ),
  }),
  grips: true,
  turns: (cord) => (cord.diameter_mm >= THICK ? 2 : 3),
  check: noClash,
  seconds: 75,
  end: 'drawn',
  tools: [],
  step: 'Wind the end round the other strand and back over itself, lead it under all the turns, and draw up. Trim only when both knots slide.',
};
