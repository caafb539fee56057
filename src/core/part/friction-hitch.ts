import { n1, noClash, nothingAlong, turn, type Part } from './part';

/** The fold wound round the two tail legs so many times with each leg, and its bar across them: it grips, and slides when eased. */
export const frictionHitch: Part = {
  slug: 'friction-hitch',
  name: 'Friction hitch',
  stretch: 'closure',
  use: ({ d, times }) => {
    const mm = times * turn(2, d) + (Math.PI * d) / 2 + d;
    return { mm, because: `${times} turns of ${n1(turn(2, d))} round the two tails, and half the bar` };
  },
  along: nothingAlong,
  // Turn beside turn of both legs, and the bar.
  ring: ({ d, times }) => ({
    mm: (2 * times + 1) * d,
    because: `${2 * times} turns side by side and the bar: ${2 * times + 1} × ${n1(d)}`,
  }),
  check: noClash,
  seconds: 60,
  tools: [],
  step: 'Wind the fold round both tails and through itself, turn beside turn, and dress it until it grips.',
};
