import type { Point } from '../stitch';
import { origin } from '../studio';
import { mirrored, type Way } from './way/way';
import { n1, noClash, nothingAlong, type Part } from './part';

const straightAcross = (to: number, z: number): Point[] => [
  [0, 0, z],
  [to, 0, z],
];

/** A working cord laid behind the core at its middle: each leg starts half the core's width from its middle. */
export const tieMiddle: Part = {
  slug: 'tie-middle',
  name: 'Tied on at the middle',
  stretch: 'start',
  use: ({ d, strands }) => ({
    mm: ((strands + 1) * d) / 2,
    because: origin(
      'middle-to-edge',
      { strands, cord_mm: d, way_mm: ((strands + 1) * d) / 2 },
      `from its middle to the edge of ${strands} strands: ${n1(((strands + 1) * d) / 2)}`,
    ),
  }),
  // Behind the core, from its middle out to both edges.
  ways: ({ d, strands }): Way[] => {
    const right = straightAcross(((strands + 1) * d) / 2, -d);
    return [
      { leg: 0, points: right },
      { leg: 1, points: mirrored(right) },
    ];
  },
  along: nothingAlong,
  check: noClash,
  seconds: 15,
  tools: [],
  step: 'Lay the working cord behind the core at its middle. It slips off until the first two half knots hold it.',
};
