import { wholeMm } from '../measure';
import { cordItem } from '../shelf';
import { beadOf, type SeatWithPlan } from '../seat';

/** One length to cut, for one bag. */
export interface BagCut {
  /** Seat, place among its cuts, and piece: the same as long as the seat's cuts are. */
  readonly id: string;
  readonly seat: string;
  readonly bag: number;
  readonly label: string;
  readonly mm: number;
  /** Whether the wrist it is sized by is an estimate. */
  readonly estimated: boolean;
}

/**
 * The lengths a session calls for, by the cord's item, each under its bag's number; longest first.
 *
 * @example
 * [...cutsByItem([{ id: 'seat-1', plan }]).values()][0].map(({ bag, label }) => [bag, label]) // [[1, 'Ada']]
 */
export function cutsByItem(seats: readonly SeatWithPlan[]): Map<string, BagCut[]> {
  const byItem = new Map<string, BagCut[]>();
  seats.forEach(({ id, plan }, i) => {
    const estimated = beadOf(plan) === 'ringed';
    (plan.cut?.cuts ?? []).forEach(({ cord, colour, pieces, length_mm }, c) => {
      const item = cordItem(cord, colour);
      const all = byItem.get(item) ?? [];
      for (let n = 0; n < pieces; n++)
        all.push({ id: `${id}/${c}/${n}`, seat: id, bag: i + 1, label: plan.label, mm: wholeMm(length_mm), estimated });
      byItem.set(item, all);
    });
  });
  for (const all of byItem.values()) all.sort((a, b) => b.mm - a.mm || a.bag - b.bag);
  return byItem;
}
