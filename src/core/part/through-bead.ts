import { origin } from '../studio';
import { barOf } from './bar';
import { checkHole } from './hole';
import { n1, type Part } from './part';
import { throughHole } from './way/hole-way';

/** A bead or charm on the way: each leg runs straight through it, or past it. */
export const throughBead: Part = {
  slug: 'through-bead',
  name: 'Through the bead',
  stretch: 'beads',
  use: (context) => ({
    mm: barOf(context).length_mm,
    because: origin(
      'through',
      { length_mm: barOf(context).length_mm, hardware: barOf(context).slug },
      `${n1(barOf(context).length_mm)} mm through ${barOf(context).name.toLowerCase()}`,
    ),
  }),
  ways: (context) => throughHole(context.strands, context.d, barOf(context).length_mm),
  along: (context) => barOf(context).length_mm,
  check: checkHole,
  seconds: 20,
  tools: [],
  step: 'Thread the bead and push it up to the knotting.',
};
