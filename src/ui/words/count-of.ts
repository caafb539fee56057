import type { Neighbour } from '../../core/fit';

/** How many, as a maker counts: half knots where there are any, else repeats. */
export function countOf({ half_knots, repeats }: Neighbour): string {
  if (half_knots !== undefined) return `${half_knots} half knots`;
  const n = Number(repeats.toFixed(1));
  return `${n} ${n === 1 ? 'repeat' : 'repeats'}`;
}
