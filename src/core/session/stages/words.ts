import type { SeatWithPlan } from '../../seat';
import type { Values } from '../../studio';

/** Up to three names, then a count. */
export function names(seats: readonly SeatWithPlan[]): string {
  const shown = seats.slice(0, 3).map((seat) => seat.plan.label);
  const rest = seats.length - shown.length;
  return shown.join(', ') + (rest > 0 ? ` and ${rest} more` : '');
}

/** Whom a line speaks of, all of them. */
export const labels = (seats: readonly SeatWithPlan[]): Values => ({ seats: seats.map(({ plan }) => plan.label) });

/** A count with its noun. */
export const plural = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
