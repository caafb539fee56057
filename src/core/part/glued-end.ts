import type { Part } from './part';
import { stub } from './stub';

/** The last knots set with a drop of glue, and the end trimmed close. */
export const gluedEnd: Part = {
  slug: 'glued-end',
  name: 'Glued end',
  ...stub('fused_stub', 'glued', '# mm glued into the knot'),
  seconds: 25,
  tools: ['scissors', 'glue'],
  step: 'Check the size on the wrist. A drop of glue into the last knots, let it dry, and trim close.',
};
