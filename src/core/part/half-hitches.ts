import { origin } from '../studio';
import { fitted, type Way } from './way/way';
import type { Point } from '../stitch';
import { n1, noClash, turn, type Part } from './part';

/** So many half hitches over a strand: a turn each, and a diameter where the bar lies over the end. */
export const halfHitches: Part = {
  slug: 'half-hitches',
  name: 'Half hitches',
  stretch: 'closure',
  use: ({ d, times }) => ({
    mm: times * (turn(1, d) + d),
    because: origin('half-hitches', { times, each_mm: turn(1, d) + d }, `${times} hitches of ${n1(turn(1, d) + d)}`),
  }),
  // Turn after turn, each bulging over the end that comes out under it.
  ways: ({ d, times }): Way[] => {
    const rise = 1.2 * d;
    const make = (bulge: number): Point[] =>
      Array.from({ length: times * 24 + 1 }, (_, i): Point => {
        const a = (2 * Math.PI * i) / 24;
        const r = d + bulge * Math.max(0, Math.sin(a)) ** 2;
        return [r * Math.cos(a), (rise * i) / 24, r * Math.sin(a)];
      });
    return [{ leg: 0, points: fitted(times * (turn(1, d) + d), make, 3 * d) }];
  },
  along: ({ d, times }) => 1.2 * times * d,
  check: noClash,
  end: 'drawn',
  seconds: 30,
  tools: [],
  step: 'Hitch the end over the strand, each hitch snug against the last.',
};
