import type { Group } from '../cut';
import { lookUp, type Catalogue } from '../project';
import type { Figures } from '../studio';
import { planSeat, type SeatPlan } from './plan-seat';
import { groupOf } from './schools';
import type { Seat } from './seat';

/** A plan, and the documents it was made from. */
interface Planned {
  readonly plan: SeatPlan;
  readonly from: readonly unknown[];
}

/** Seats planned before with some figures, by what they ask for. Past `MOST` the older half makes room. */
const planned = new WeakMap<Figures, Map<string, Planned>>();
const MOST = 4000;

/**
 * Plans the seats of a session. A seat that asks for the same as one planned before, of the same documents and with the same
 * figures, is not reckoned again.
 *
 * @example
 * planSeats([ada, ada], catalogue, figures).length // 2
 */
export function planSeats(
  seats: readonly Seat[],
  catalogue: Catalogue,
  figures: Figures,
  group: Group = groupOf(seats),
): SeatPlan[] {
  const known = planned.get(figures) ?? new Map<string, Planned>();
  planned.set(figures, known);
  return seats.map((seat) => {
    const from = [seat.project && lookUp(catalogue.projects, seat.project), catalogue.cords, catalogue.hardware];
    const key = `${group.wrist}|${JSON.stringify(seat)}`;
    const found = known.get(key);
    if (found?.from.every((doc, i) => doc === from[i])) return found.plan;
    const plan = planSeat(seat, catalogue, figures, group);
    if (known.size >= MOST) [...known.keys()].slice(0, MOST / 2).forEach((old) => known.delete(old));
    known.set(key, { plan, from });
    return plan;
  });
}
