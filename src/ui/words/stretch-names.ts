import type { Stretch } from '../../core/studio';

/** What a stretch of a cut is for, in a maker's words. */
export const STRETCH_NAMES: Record<Stretch, string> = {
  start: 'Start',
  core: 'Through the band',
  stitches: 'Crossings through the stitches',
  loop: 'Carry loop',
  join: 'Join',
  beads: 'Through beads',
  slide: 'Tail that slides',
  closure: 'Closure',
  end: 'End work',
  tail: 'Tail to hold',
  allowance: 'Allowance',
  rounding: 'Rounding up',
};
