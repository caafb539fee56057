import { checkOpening, loopedBar, loopedUse, loopedWays } from './bar';
import { nothingAlong, type Part } from './part';

/** Lark's head: the cord's middle goes round the bar as a bight and both legs are drawn through it. */
export const larksHead: Part = {
  slug: 'larks-head',
  name: 'Lark’s head',
  stretch: 'start',
  use: loopedUse,
  ways: loopedWays,
  bar: loopedBar,
  // The knotting stands against the hardware’s edge: the bight lies round it.
  along: nothingAlong,
  check: checkOpening,
  seconds: 30,
  tools: [],
  step: 'Fold the cord in the middle, push the bight round the bar, and draw both ends through it.',
};
