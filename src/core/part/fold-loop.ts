import { origin } from '../studio';
import { loopWays } from './way/loop-way';
import type { Way } from './way/way';
import { bundle } from '../stitch';
import { n1, noClash, nothingAlong, type Part, type PartContext } from './part';

/**
 * Inside of a loop, mm all the way round: what it closes over with a little slack, or the strands that run through it.
 *
 * @example
 * loopInside({ mate: 40, figures: { loop_fit: 1.05 } }) // 42
 */
export function loopInside({ mate, strands, d, figures }: PartContext): number {
  return (mate || 2 * Math.PI * bundle(strands, d).radius) * figures.loop_fit;
}

/** What a loop takes of the ring: its inside laid flat, from the band’s end to where it closes round the neck. */
export const loopReach = (context: PartContext) => ({
  mm: loopInside(context) / 2,
  because: origin(
    'loop-reach',
    { inside_mm: loopInside(context) },
    `the reach of the loop, half of ${n1(loopInside(context))} inside`,
  ),
});

/**
 * A loop left at the cord's fold, just wide enough for the button or knot that closes it: inside it is that girth with a
 * little slack, and its middle line is π d longer. Each leg gives half.
 */
export const foldLoop: Part = {
  slug: 'fold-loop',
  name: 'Closing loop',
  stretch: 'start',
  use: (context) => ({
    mm: (loopInside(context) + Math.PI * context.d) / 2,
    because: origin(
      'half-loop-inside',
      { inside_mm: loopInside(context), cord_mm: context.d },
      `half a loop of ${n1(loopInside(context))} inside: (${n1(loopInside(context))} + π × ${n1(context.d)}) ÷ 2`,
    ),
  }),
  // More legs than two are loops behind one another.
  ways: (context) =>
    Array.from({ length: Math.max(1, Math.round(context.strands / 2)) }, (_, pair) =>
      loopWays((loopInside(context) + Math.PI * context.d) / 2, context.d / 2, -pair * context.d).map(
        ({ leg, points }): Way => ({ leg: 2 * pair + leg, points }),
      ),
    ).flat(),
  along: nothingAlong,
  ring: loopReach,
  check: noClash,
  seconds: 20,
  tools: [],
  step: 'Fold the cord and leave a loop at the fold that the button passes with a push and does not fall out of.',
};
