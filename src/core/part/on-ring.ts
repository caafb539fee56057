import { barOf, loopedBar, loopedUse, loopedWays } from './bar';
import { checkHole } from './hole';
import type { Part } from './part';

/** A washer, ring or charm in the middle of the band: each leg of a doubled cord looped on at the bar. It is part of the band. */
export const onRing: Part = {
  slug: 'on-ring',
  name: 'Looped on',
  stretch: 'start',
  use: loopedUse,
  ways: loopedWays,
  bar: loopedBar,
  along: (context) => barOf(context).length_mm,
  // A charm has a hole on each side; through a ring both sides' strands go, two folds from each.
  check: (context, shelf) =>
    checkHole({ ...context, strands: barOf(context).kind === 'charm' ? context.strands : 2 * context.strands }, shelf),
  seconds: 30,
  tools: [],
  step: 'Fold the cord, push the bight through the ring, and draw both ends through it.',
};
