import { origin } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/**
 * Two colours in one line: the first cord's tail, its inner threads shortened, takes the hardened end of the other, and the sheath is
 * fused over it. The first cord makes it; the other stands in it, within the length of the band that it runs through anyway.
 */
export const sleeveJoin: Part = {
  slug: 'sleeve-join',
  name: 'Sleeve join',
  stretch: 'join',
  use: ({ figures, stands }) =>
    stands
      ? { mm: 0, because: origin('in-sleeve', {}, 'its end lies in the sleeve, within the band') }
      : {
          mm: figures.join_tail,
          because: origin(
            'sleeve',
            { tail_mm: figures.join_tail, sleeve_mm: figures.sleeve_join },
            `a tail of ${n1(figures.join_tail)} mm, the last ${n1(figures.sleeve_join)} of it an empty sleeve`,
          ),
        },
  ways: straightOn(({ figures }) => figures.join_tail),
  along: nothingAlong,
  check: noClash,
  end: 'drawn',
  seconds: 120,
  withoutHeat: 'tuck-join',
  tools: ['scissors', 'small lighter', 'water at hand'],
  step: 'After the lark’s head, trim the short leg to its tail. Shorten its inner threads and draw the sheath over the gap. Melt the other cord’s end hard, push it in, and fuse the sheath to it. The last knots cover it.',
};
