import { n1, noClash, turn, type Part } from './part';

/** A wrapped transition: one strand wound round all the others so many times, its end led back under. */
export const transition: Part = {
  slug: 'wrapped-transition',
  name: 'Wrapped transition',
  stretch: 'closure',
  use: ({ d, strands, times }) => ({
    mm: times * turn(strands, d) + (times + 1) * d,
    because: `${times} turns of ${n1(turn(strands, d))} round ${strands} strands, and back under them`,
  }),
  along: ({ d, times }) => times * d,
  check: noClash,
  seconds: 60,
  tools: ['blunt needle'],
  step: 'Lay the end along the strands and wind back over it, turn beside turn; lead it through the last turn and draw it under.',
};
