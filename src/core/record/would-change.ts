import { shortOf } from '../cut';
import { cordItem } from '../shelf';
import type { SeatPlan } from '../seat';
import type { Figures, Skill } from '../studio';

/** A seat ahead as it is planned now, and as it would be by a changed figure. */
export interface SeatAhead {
  readonly skill: Skill;
  readonly before: SeatPlan;
  readonly after: SeatPlan;
}

/** What a changed figure would do to the sessions ahead. Lengths in mm; money in minor units, null where no price is known. */
export interface WouldChange {
  readonly seats: number;
  /** Seats that would be cut to other lengths. */
  readonly moved: number;
  readonly cord_mm: number;
  readonly cost: number | null;
  /** Chance that a seat runs short, as the mean of those that move: of what is planned now, and of what would be, both judged by the changed figure. */
  readonly short_now: number;
  readonly short_then: number;
  readonly minutes: number;
}

const cutsOf = ({ cut }: SeatPlan) => cut?.cuts ?? [];
const totalOf = (plan: SeatPlan): number =>
  cutsOf(plan).reduce((sum, { length_mm, pieces }) => sum + length_mm * pieces, 0);

/**
 * What a changed figure would do to some seats that are not cut yet.
 *
 * @param priceOf of an item of the shelf, minor units a mm; null where it is not known
 *
 * @example
 * wouldChange([{ skill: 'steady', before: plan, after: plan }], figures, () => null).moved // 0
 */
export function wouldChange(
  seats: readonly SeatAhead[],
  figures: Figures,
  priceOf: (item: string) => number | null,
): WouldChange {
  const lengths = (plan: SeatPlan): string =>
    cutsOf(plan)
      .map(({ length_mm }) => length_mm)
      .join();
  const moved = seats.filter(({ before, after }) => lengths(before) !== lengths(after));
  const priced = (plan: SeatPlan): number | null =>
    cutsOf(plan).reduce<number | null>((sum, { cord, colour, length_mm, pieces }) => {
      const price = priceOf(cordItem(cord, colour));
      return sum === null || price === null ? null : sum + price * length_mm * pieces;
    }, 0);
  const costs = moved.map(({ before, after }) => {
    const [was, is] = [priced(before), priced(after)];
    return was === null || is === null ? null : is - was;
  });
  const short = (which: 'before' | 'after'): number =>
    moved.reduce((sum, seat) => {
      const { piece, fit } = seat.after;
      return sum + (piece && fit ? shortOf(piece, fit, cutsOf(seat[which]), seat.skill, figures) : 0);
    }, 0) / Math.max(1, moved.length);
  return {
    seats: seats.length,
    moved: moved.length,
    cord_mm: moved.reduce((sum, { before, after }) => sum + totalOf(after) - totalOf(before), 0),
    cost: costs.some((cost) => cost !== null) ? costs.reduce<number>((sum, cost) => sum + (cost ?? 0), 0) : null,
    short_now: short('before'),
    short_then: short('after'),
    minutes: seats.reduce((sum, { before, after }) => sum + (after.minutes ?? 0) - (before.minutes ?? 0), 0),
  };
}
