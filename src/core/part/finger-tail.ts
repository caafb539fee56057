import { origin } from '../studio';
import { n1, straightOn, type Part } from './part';
import { tieTail } from './tie-tail';

/** A short end left to tie on with, cut at the knuckle of the pointer finger. */
export const fingerTail: Part = {
  ...tieTail,
  slug: 'finger-tail',
  name: 'Short tie-on tail',
  use: ({ figures }) => ({
    mm: figures.tie_finger,
    because: origin('to-tie-with', { tail_mm: figures.tie_finger }, `${n1(figures.tie_finger)} mm left to tie on with`),
  }),
  ways: straightOn(({ figures }) => figures.tie_finger),
  step: 'Lay your pointer finger along the strands from the knot, and cut them at your knuckle.',
};
