import { SHIPPED } from '../../../catalogue';
import type { PartContext } from '../../../src/core/part';
import { STARTING_FIGURES } from '../../../src/core/studio';

/** A part in a cord of 2 mm that does not compress, so that the working can be followed: d = 2. */
export const context = (changes: Partial<PartContext> = {}): PartContext => ({
  cord: { ...SHIPPED.cords['satin-2']!, diameter_mm: 2, compression: 1 },
  d: 2,
  round: 0,
  strands: 1,
  times: 1,
  halfPitch: 3.3,
  hardware: null,
  loop: 0,
  mate: 0,
  inner: 180,
  hand: 215,
  slider: 0,
  tied: 'all',
  stands: false,
  figures: STARTING_FIGURES,
  ...changes,
});
