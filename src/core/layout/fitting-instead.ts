import type { Catalogue } from '../project';
import { planSeat, type Seat, type SeatPlan } from '../seat';
import type { Figures } from '../studio';

const warnings = ({ messages }: SeatPlan): string[] =>
  messages.filter(({ level }) => level !== 'info').map(({ code }) => code);

/**
 * A seat planned with another buckle, ring, swivel or hook in place of one, chosen as a seat chooses it; null where its piece does
 * not take it, takes another number of it, or would be warned about (nickel on a skin that does not bear it, an opening too small).
 *
 * @param from slug of the hardware it has
 * @param to slug of the other
 *
 * @example
 * fittingInstead(ada, plan, 'buckle-15', 'buckle-steel-15', catalogue, figures)?.items // [{ item: 'buckle-steel-15', count: 1 }]
 */
export function fittingInstead(
  seat: Seat,
  plan: SeatPlan,
  from: string,
  to: string,
  catalogue: Catalogue,
  figures: Figures,
): SeatPlan | null {
  const countOf = (of: SeatPlan, slug: string): number => of.items.find(({ item }) => item === slug)?.count ?? 0;
  const now = planSeat({ ...seat, options: { ...seat.options, hardware: to } }, catalogue, figures);
  const isInstead =
    countOf(plan, from) > 0 &&
    countOf(now, from) === 0 &&
    countOf(now, to) === countOf(plan, to) + countOf(plan, from) &&
    warnings(now).every((code) => warnings(plan).includes(code));
  return isInstead ? now : null;
}
