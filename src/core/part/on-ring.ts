import { barOf, turnRound } from './bar';
import { n1, type Part } from './part';

/** A washer, ring or charm in the middle of the band: each leg of a doubled cord looped on at the bar. It is part of the band. */
export const onRing: Part = {
  slug: 'on-ring',
  name: 'Looped on',
  stretch: 'start',
  use: (context) => {
    const round = turnRound(context);
    const bight = (1 + Math.PI / 2) * context.d;
    return { mm: round.mm + bight, because: `${round.because}; half the bight: (1 + π ÷ 2) × ${n1(context.d)}` };
  },
  along: (context) => barOf(context).length_mm,
  check: () => [],
  seconds: 30,
  tools: [],
  step: 'Fold the cord, push the bight through the ring, and draw both ends through it.',
};
