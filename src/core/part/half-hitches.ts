import { n1, noClash, turn, type Part } from './part';

/** So many half hitches over a strand: a turn each, and a diameter where the bar lies over the end. */
export const halfHitches: Part = {
  slug: 'half-hitches',
  name: 'Half hitches',
  stretch: 'closure',
  use: ({ d, times }) => ({
    mm: times * (turn(1, d) + d),
    because: `${times} hitches of ${n1(turn(1, d) + d)}`,
  }),
  along: ({ d, times }) => 1.2 * times * d,
  check: noClash,
  end: 'drawn',
  seconds: 30,
  tools: [],
  step: 'Hitch the end over the strand, each hitch snug against the last.',
};
