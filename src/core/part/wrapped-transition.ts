import { origin } from '../studio';
import { coil, coilLength } from './way/around';
import { n1, noClash, type Part } from './part';

/** A wrapped transition: one strand wound round all the others so many times, its end led back under. */
export const transition: Part = {
  slug: 'wrapped-transition',
  name: 'Wrapped transition',
  stretch: 'closure',
  use: ({ d, strands, times }) => {
    const cord = coilLength(strands + 1, times);
    return {
      mm: cord * d,
      because: origin(
        'wrapped-round-own-end',
        { times, strands, diameters: cord, cord_mm: d },
        `${times} turns round ${strands} strands and its own end, and back under them: ${n1(cord)} × ${n1(d)}`,
      ),
    };
  },
  ways: ({ d, strands, times }) => coil(strands + 1, d, times),
  along: ({ d, times }) => times * d,
  check: noClash,
  seconds: 60,
  tools: ['blunt needle'],
  step: 'Lay the end along the strands and wind back over it, turn beside turn; lead it through the last turn and draw it under.',
};
