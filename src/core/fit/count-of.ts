import type { Neighbour } from './fit';

/**
 * How many, as a maker counts: half knots where there are any, else repeats.
 *
 * @example
 * countOf({ half_knots: 62, repeats: 31, knotted_mm: 150, error_mm: 0 }) // '62 half knots'
 * countOf({ repeats: 1, knotted_mm: 12, error_mm: 0 }) // '1 repeat'
 */
export function countOf({ half_knots, repeats }: Neighbour): string {
  if (half_knots !== undefined) return `${half_knots} half knots`;
  const n = Number(repeats.toFixed(1));
  return `${n} ${n === 1 ? 'repeat' : 'repeats'}`;
}
