import { checkOpening, turnRound } from './bar';
import { n1, nothingAlong, type Part } from './part';

/**
 * Lark's head: the cord's middle goes round the bar as a bight and both legs are drawn through it. Each leg turns half
 * round the bar, and uses half of the bight that crosses over both legs: two diameters across, and a quarter turn of
 * radius d at its side; and it passes the bight's own diameter along the band.
 */
export const larksHead: Part = {
  slug: 'larks-head',
  name: 'Lark’s head',
  stretch: 'start',
  use: (context) => {
    const round = turnRound(context);
    const bight = (2 + Math.PI / 2) * context.d;
    return {
      mm: round.mm + bight,
      because: `${round.because}; half the bight and past it: (2 + π ÷ 2) × ${n1(context.d)}`,
    };
  },
  // The knotting stands against the hardware’s edge: the bight lies round it.
  along: nothingAlong,
  check: checkOpening,
  seconds: 30,
  tools: [],
  step: 'Fold the cord in the middle, push the bight round the bar, and draw both ends through it.',
};
