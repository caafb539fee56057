import type { Figures } from '../studio';

/**
 * Wrist, mm, for somebody nobody has measured, from the studio's age bands. Always to be shown as an estimate.
 *
 * @example
 * estimateWrist(8, figures) < estimateWrist(30, figures) // true
 */
export function estimateWrist(age: number | null, figures: Figures): number {
  if (age === null || age >= 18) return figures.wrist_adult;
  if (age >= 15) return figures.wrist_15_to_17;
  if (age >= 12) return figures.wrist_12_to_14;
  if (age >= 9) return figures.wrist_9_to_11;
  if (age >= 6) return figures.wrist_6_to_8;
  return figures.wrist_under_6;
}

/**
 * Closed hand, mm, when it was not measured: a multiple of the wrist, or of an adult's when that is not known either.
 *
 * @example
 * estimateHand(165, figures) > 165 // true
 */
export function estimateHand(wrist: number | null, figures: Figures): number {
  return (wrist ?? figures.wrist_adult) * figures.hand_per_wrist;
}
