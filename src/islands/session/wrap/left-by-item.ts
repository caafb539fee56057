import type { PlannedSeat } from '../../../core/seat';
import type { NotedSeats } from '../../../core/session';
import { cordItem } from '../../../core/shelf';

/** Ends that were left of one cord and colour, mm, longest first: those long enough to keep, and scrap. */
export interface LeftOf {
  readonly keep: readonly number[];
  readonly scrap: readonly number[];
}

/** What was typed as left, by the item it is of. */
export function leftByItem(seats: readonly PlannedSeat[], noted: NotedSeats, keep: number): Map<string, LeftOf> {
  const found = new Map<string, number[]>();
  for (const { id, plan } of seats)
    (plan.cut?.cuts ?? []).forEach(({ cord, colour }, i) => {
      const left = noted[id]?.said.left?.[String(i)];
      if (!left || !('mm' in left)) return;
      const item = cordItem(cord, colour);
      found.set(item, [...(found.get(item) ?? []), ...left.mm.filter((mm) => mm > 0)]);
    });
  return new Map(
    [...found].map(([item, ends]) => {
      const longest = ends.toSorted((a, b) => b - a);
      return [item, { keep: longest.filter((mm) => mm >= keep), scrap: longest.filter((mm) => mm < keep) }];
    }),
  );
}
