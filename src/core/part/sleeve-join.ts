import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/** Two colours in one line: core threads drawn from one end, the other end inserted, and the sheath fused over it. */
export const sleeveJoin: Part = {
  slug: 'sleeve-join',
  name: 'Sleeve join',
  stretch: 'join',
  use: ({ figures }) => ({
    mm: figures.sleeve_join,
    because: origin(
      'sleeve',
      { overlap_mm: figures.sleeve_join },
      `${n1(figures.sleeve_join)} mm of each cord overlap in the sleeve`,
    ),
  }),
  ways: straightOn(({ figures }) => figures.sleeve_join),
  along: nothingAlong,
  check: noClash,
  seconds: 120,
  withoutHeat: 'tuck-join',
  tools: ['scissors', 'small lighter', 'water at hand'],
  step: 'Draw the core threads from one end, insert the other, and fuse the sheath over it. Hide the join in the lark’s head.',
};
