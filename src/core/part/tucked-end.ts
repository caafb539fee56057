import type { Part } from './part';
import { wovenEnd } from './woven-end';

/** The no-flame end of smooth, firm cord: woven back under the last half knots and held with a dot of glue. */
export const tuckedEnd: Part = {
  ...wovenEnd,
  slug: 'tucked-end',
  name: 'Tucked end',
  tools: ['scissors', 'blunt needle', 'glue'],
  inSoft: 'woven-end',
  step: 'Check the size on the wrist. Then weave each end back under the last half knots with a needle, a dot of glue, and trim.',
};
