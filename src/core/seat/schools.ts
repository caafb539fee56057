import { SCHOOLS, type Figures } from '../studio';
import type { CutPlan, Group } from '../cut';
import type { Catalogue } from '../project';
import { planSeat } from './plan-seat';
import type { Seat } from './seat';

/**
 * The largest wrist of the seats planned together, which some schools cut for.
 *
 * @example
 * groupOf([ada, { ...ada, size: { wrist: 190 } }]) // { wrist: 190 }
 */
export function groupOf(seats: readonly Seat[]): Group {
  return { wrist: Math.max(0, ...seats.map((seat) => (seat.size && 'wrist' in seat.size ? seat.size.wrist : 0))) };
}

/**
 * The same seat cut by every school, side by side; none where the seat cannot be fitted yet.
 *
 * @example
 * compareSchools(ada, catalogue, figures).map(({ school }) => school) // ['measured', 'ratio', 'core-multiple', 'size-class', 'try-on']
 */
export function compareSchools(seat: Seat, catalogue: Catalogue, figures: Figures, group?: Group): CutPlan[] {
  return SCHOOLS.flatMap((school) => planSeat({ ...seat, school }, catalogue, figures, group).cut ?? []);
}
