import { done, not, type Result } from '../result';

/** What is left on a spool, from its mass. */
export interface Weighing {
  /** Millimetres of cord, rounded down: cord that may not be there is not promised. */
  readonly mm: number;
  /** How far off that may be, mm, from the scale's step and how well the cord's mass is known. */
  readonly off_mm: number;
}

/**
 * The length left on a spool: (gross − tare) over the cord's mass a metre.
 *
 * @param gross grams on the scale
 * @param tare grams of the empty spool
 * @param mass grams a metre of cord
 * @param step the scale's smallest step, grams
 * @param doubt how far off the mass may be, as a share of it: 0 where it was weighed well
 * @returns the length, or why it cannot be
 *
 * @example
 * weigh(105, 62, 6.8, 0.5, 0.02).value // { mm: 6323, off_mm: 200 }
 */
export function weigh(gross: number, tare: number, mass: number, step: number, doubt: number): Result<Weighing> {
  const net = gross - tare;
  if (net < -step) return not(`the spool weighs ${gross} g, less than its empty spool of ${tare} g`);
  const metres = Math.max(0, net) / mass;
  return done({ mm: Math.floor(metres * 1000), off_mm: Math.ceil((step / mass + metres * doubt) * 1000) });
}
