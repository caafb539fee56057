import { origin } from '../studio';
import { noClash, nothingAlong, type Part } from './part';

/** A drop of glue where the flame did not take: it uses no cord, but time and glue. */
export const glueDrop: Part = {
  slug: 'glue-drop',
  name: 'Drop of glue',
  stretch: 'end',
  use: () => ({ mm: 0, because: origin('no-cord', {}, 'no cord: a drop of glue on the end') }),
  ways: () => [],
  along: nothingAlong,
  check: noClash,
  seconds: 10,
  tools: ['glue'],
  step: 'Where an end did not seal, put a drop of glue into the end of the knot and none on the strands that slide. Slide them while it dries.',
};
