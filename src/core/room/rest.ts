import type { Figures } from '../studio';
import { luckOf } from './luck';
import { likely, type Likely } from './likely';
import { serve } from './station';

/** A seat of a room that is under way: minutes that are still to come. */
export interface RestSeat {
  readonly id: string;
  /** Work until it is ready to finish, and the finish itself. */
  readonly work: number;
  readonly finish: number;
  /** Standard deviation of the logarithm of the time. */
  readonly spread: number;
  readonly atFlame: boolean;
  /** Minutes since it has waited for the flame, and been at it. */
  readonly waitsSince: number | null;
  readonly servedFor: number | null;
}

/** How the rest of a room will probably go; minutes from now. */
export interface RestTimes {
  readonly seats: readonly { readonly id: string; readonly finishes: number; readonly done: Likely }[];
  /** How many of these finish, as a mean. */
  readonly finishing: number;
}

/**
 * Lets the rest of a room's time pass so many times, from where each seat is: who waits for the flame is served first, in order.
 *
 * @param left minutes until the room closes
 *
 * @example
 * simulateRest([], 30, 1, figures, { runs: 10, seed: 1 }).finishing // 0
 */
export function simulateRest(
  seats: readonly RestSeat[],
  left: number,
  servers: number,
  figures: Figures,
  { runs, seed }: { runs: number; seed: number },
): RestTimes {
  const luck = seats.map(({ id }) => luckOf(id, seed, runs, 2).normal);
  const done = seats.map(() => new Float64Array(runs));
  const flame = seats.flatMap(({ atFlame }, i) => (atFlame ? [i] : []));
  for (let run = 0; run < runs; run++) {
    const ready = seats.map(({ work, spread, waitsSince }, i) =>
      waitsSince === null ? work * Math.exp(spread * luck[i]![run * 2]!) : -waitsSince,
    );
    seats.forEach(({ atFlame, finish, spread }, i) => {
      if (!atFlame) done[i]![run] = ready[i]! + finish * Math.exp(spread * luck[i]![run * 2 + 1]!);
    });
    // Those at the flame keep their place; then whoever has waited longest.
    const order = flame.toSorted(
      (a, b) => Number(seats[b]!.servedFor !== null) - Number(seats[a]!.servedFor !== null) || ready[a]! - ready[b]!,
    );
    const takes = order.map((i) => {
      const all = figures.station_minutes * Math.exp(figures.station_spread * luck[i]![run * 2 + 1]!);
      const { servedFor } = seats[i]!;
      return servedFor === null ? all : Math.max(0.5, all - servedFor);
    });
    const served = serve(
      order.map((i) => Math.max(0, ready[i]!)),
      takes,
      servers,
    );
    order.forEach((i, k) => (done[i]![run] = served.done[k]!));
  }
  const finishes = done.map((times) => times.reduce((sum, time) => sum + (time <= left ? 1 : 0), 0) / runs);
  return {
    seats: seats.map(({ id }, i) => ({ id, finishes: finishes[i]!, done: likely(done[i]!) })),
    finishing: finishes.reduce((sum, own) => sum + own, 0),
  };
}
