import type { Point } from '../stitch';
import { origin } from '../studio';
import { n1, noClash, nothingAlong, type Part } from './part';
import { wound } from './way/around';
import { turnedHalf, wayLength, type Way } from './way/way';

/** Both legs wound side by side round the two tails, and the fold laid across the front where they end. */
function hitchWays(d: number, times: number): Way[] {
  const right = wound(2, d, times, 2 * d, 0.5 * d);
  const end = right.at(-1)![1];
  const bar = (side: number): Point[] => [
    [side * 1.45 * d, end + 0.6 * d, 0.3 * d],
    [side * 0.8 * d, end + d, 0.95 * d],
    [0, end + 1.05 * d, 1.1 * d],
  ];
  return [
    { leg: 0, points: [...right, ...bar(1)] },
    { leg: 1, points: [...turnedHalf(right), ...bar(-1)] },
  ];
}

/** The fold wound round the two tail legs so many times with each leg, and its bar across them: it grips, and slides when eased. */
export const frictionHitch: Part = {
  slug: 'friction-hitch',
  name: 'Friction hitch',
  stretch: 'closure',
  use: ({ d, times }) => {
    const mm = wayLength(hitchWays(d, times)[0]!.points);
    return {
      mm,
      because: origin(
        'hitched-round-tails',
        { times, way_mm: mm },
        `${times} turns round the two tails, side by side with the other leg’s, and half the bar: ${n1(mm)}`,
      ),
    };
  },
  ways: ({ d, times }) => hitchWays(d, times),
  along: nothingAlong,
  // Turn beside turn of both legs, and the bar.
  ring: ({ d, times }) => ({
    mm: (2 * times + 1) * d,
    because: origin(
      'turns-and-bar',
      { times: 2 * times, diameters: 2 * times + 1, cord_mm: d },
      `${2 * times} turns side by side and the bar: ${2 * times + 1} × ${n1(d)}`,
    ),
  }),
  check: noClash,
  seconds: 60,
  tools: [],
  step: 'Wind the fold round both tails and through itself, turn beside turn, and dress it until it grips.',
};
