import type { PaceStep } from '../../../src/core/pace';

/** A step of an example seat. */
export const step = (phase: PaceStep['phase'], minutes: number, more: Partial<PaceStep> = {}): PaceStep => ({
  id: phase,
  phase,
  counts: [],
  minutes,
  knotting: 0,
  handling: 0,
  at: 'seat',
  dries: 0,
  until: 0,
  ...more,
});
