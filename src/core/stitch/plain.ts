import { straightCore } from './straight';
import type { Stitch } from './strand';

/** Strands that lie side by side with nothing tied: the bare stretches of cord pieces. A division is one diameter. */
export const plain: Stitch = {
  slug: 'plain',
  name: 'Plain strands',
  geometry: ({ strands, diameter }) => ({
    pitch: 1,
    divisions: 1,
    halfKnots: 0,
    working: [],
    core: straightCore(strands, diameter, 1),
  }),
  beads: 0,
  effort: 0,
  difficulty: 1,
  steps: [{ text: 'Leave the strands lying side by side.', active: 'core 1', reached: {} }],
  watch: 'Keep the strands even.',
};
