import { barOf, checkOpening } from './bar';
import { button } from './button';
import { n1, straightOn, type Part, type PartContext } from './part';
import { origin } from '../studio';

/** How long the eye of a shank is along the strands that pass it, mm: its wire, and half a strand on each side. */
const eye = (context: PartContext): number => barOf(context).bar_mm + context.d;

/** A button on a shank: all strands straight through its eye, side by side. */
export const shank: Part = {
  slug: 'shank',
  name: 'Shank button',
  stretch: 'closure',
  use: (context) => ({
    mm: eye(context),
    because: origin('through', { length_mm: eye(context) }, `${n1(eye(context))} mm straight through the shank`),
  }),
  // Behind the face of the button.
  ways: straightOn(eye, -1),
  along: button.along,
  ...(button.girth && { girth: button.girth }),
  check: checkOpening,
  seconds: 40,
  tools: [],
  step: 'Thread all strands side by side through the shank and push the button up to the last knot, its face up.',
};
