import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part, type PartContext } from './part';

/** What stands out of the closure, mm. */
const outOf = ({ inner, hand, times, figures }: PartContext): number =>
  Math.max(figures.pull_tail, (times * (hand - inner)) / 2);

/**
 * The tail that slides: through the closure, and as far out as the piece must open. Drawn tight, a band end stands against each side
 * of the closure, and each opens by what stands out of it: (hand − inner) ÷ 2 on each side, so many times where the band lies so many
 * times over, and never less than a length to pull by.
 */
export const slideTail: Part = {
  slug: 'slide-tail',
  name: 'Sliding tail',
  stretch: 'slide',
  use: (context) => {
    const { inner, hand, slider, times } = context;
    const out = outOf(context);
    return {
      mm: slider + out,
      because: origin(
        'to-slide',
        { slider_mm: slider, out_mm: out, inner_mm: inner, open_mm: inner + (2 * out) / times, hand_mm: hand },
        `${n1(slider)} through the closure and ${n1(out)} beyond it, so that ${n1(inner)} opens to ${n1(inner + (2 * out) / times)} for a hand of ${n1(hand)}`,
      ),
    };
  },
  ways: straightOn((context) => context.slider + outOf(context)),
  along: nothingAlong,
  check: noClash,
  seconds: 5,
  tools: [],
  step: 'Even the ends before the sliding closure is tied.',
};
