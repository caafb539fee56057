import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part, type PartContext } from './part';

/** What stands out of the closure, mm. */
const outOf = ({ inner, hand, figures }: PartContext): number => Math.max(figures.pull_tail, hand - inner);

/**
 * Legs that run on through a hitch or noose, and back again as the piece is opened: what the hand needs more than the ring,
 * all of it on one side, and never less than a length to pull by.
 */
export const legTail: Part = {
  slug: 'leg-tail',
  name: 'Legs to open along',
  stretch: 'slide',
  use: (context) => {
    const { inner, hand, slider } = context;
    const out = outOf(context);
    return {
      mm: slider + out,
      because: origin(
        'to-open',
        { out_mm: out, inner_mm: inner, open_mm: inner + out, hand_mm: hand, slider_mm: slider },
        `${n1(out)} to open ${n1(inner)} to ${n1(inner + out)} for a hand of ${n1(hand)}${slider > 0 ? `, and ${n1(slider)} in the hitch` : ''}`,
      ),
    };
  },
  ways: straightOn((context) => context.slider + outOf(context)),
  along: nothingAlong,
  check: noClash,
  seconds: 5,
  tools: [],
  step: 'Lead both legs through, and try the opening over the hand before the stopper is tied.',
};
