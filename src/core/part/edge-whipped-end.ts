import { straightOn, type Part } from './part';
import { ledBack, wovenEnd } from './woven-end';

/** The end of a slider where no flame may be: a drop of glue in the corner, and the end sewn back along the slider's own edge loops. */
export const edgeWhippedEnd: Part = {
  ...wovenEnd,
  slug: 'edge-whipped-end',
  name: 'Edge-whipped end',
  use: ledBack('whipped-back', 'sewn back along the edge of'),
  // Beside the knotting, not under it.
  ways: straightOn(({ figures, halfPitch }) => -figures.tucked_half_knots * halfPitch),
  tools: ['scissors', 'blunt needle', 'glue'],
  step: 'Put a little glue in the corner where the end comes out, off the strands that slide. Sew the end through each loop along the slider’s edge, never under the slider, and cut it there.',
};
