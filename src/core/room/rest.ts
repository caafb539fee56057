import { chanceBelow, quantileOf } from './normal';
import type { Figures } from '../studio';
import { luckOf } from './luck';
import { likely, type Likely } from './likely';
import { serve } from './station';

/** A stretch of a seat's work that is still to come, up to its next turn at the flame. */
export interface RestSpan {
  /** Minutes, half of all times shorter and half longer, and what glue makes it wait beside them. */
  readonly work: number;
  readonly idle: number;
  /** Standard deviation of the logarithm of its time, beside what is the person's own. */
  readonly spread: number;
  /** Minutes at the flame that come then; null where it is done. */
  readonly visit: number | null;
}

/** A seat of a room that is under way: what is still to come of it since it was last heard of. */
export interface RestSeat {
  readonly id: string;
  /** None where it is only at the flame, or waits for it, and done after that. */
  readonly spans: readonly RestSpan[];
  /** How far the person's pace may still be off: standard deviation of its logarithm. */
  readonly person: number;
  /** Worked minutes since it was last heard of. */
  readonly heard: number;
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

/** A turn at the flame that has begun takes at least so much more, minutes. */
const STILL = 0.5;

/** How many numbers a seat's luck has: the person, its spans, its turns. */
const chancesOf = ({ spans }: RestSeat): number => 1 + 2 * Math.max(1, spans.length);

/**
 * The minutes of the first span since the seat was last heard of, in one run. Nobody has said that it is through with it, so it takes
 * longer than what has gone by: of all that its pace may be, what lies beyond that.
 */
function firstSpan({ spans: [span], person, heard }: RestSeat, personal: number, own: number) {
  const { work, idle, spread } = span!;
  const all = Math.hypot(person, spread);
  const z = all === 0 ? 0 : (person * personal + spread * own) / all;
  const gone = heard - idle;
  if (gone <= 0 || work === 0) return { minutes: idle + work * Math.exp(all * z), z, all };
  if (all === 0) return { minutes: idle + Math.max(work, gone), z, all };
  const past = chanceBelow(Math.log(gone / work) / all);
  const later = quantileOf(past + (1 - past) * chanceBelow(z));
  return { minutes: idle + Math.max(gone, work * Math.exp(all * later)), z: later, all };
}

/**
 * Lets the rest of a room's time pass so many times, from what was last heard of each seat: who waits for the flame is served first, in
 * order.
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
  const luck = seats.map((seat) => luckOf(seat.id, seed, runs, chancesOf(seat)).normal);
  const done = seats.map(() => new Float64Array(runs));
  const comes = new Float64Array(seats.length);
  const span = new Int32Array(seats.length);
  const persons = new Float64Array(seats.length);
  for (let run = 0; run < runs; run++) {
    const chance = (i: number, n: number): number => luck[i]![run * chancesOf(seats[i]!) + n]!;
    /** A seat comes to the end of its span at a moment: it waits for the flame then, or is done. */
    const arrived = (i: number, at: number): number => {
      const visit = seats[i]!.spans[span[i]!]?.visit ?? null;
      if (visit === null) done[i]![run] = Math.max(0, at);
      return visit === null ? Infinity : at;
    };
    seats.forEach((seat, i) => {
      const isAtFlame = seat.waitsSince !== null || seat.servedFor !== null;
      span[i] = 0;
      persons[i] = seat.person * chance(i, 0);
      if (isAtFlame) {
        // Seats at the flame keep their place; then the longest waiting.
        comes[i] = seat.servedFor === null ? -seat.waitsSince! : -1e6 - seat.servedFor;
        return;
      }
      if (seat.spans.length === 0) {
        comes[i] = arrived(i, 0);
        return;
      }
      const { minutes, z, all } = firstSpan(seat, chance(i, 0), chance(i, 1));
      // What the first span shows of the person holds for the others.
      if (all > 0) persons[i] = (seat.person * seat.person * z) / all;
      comes[i] = arrived(i, minutes - seat.heard);
    });
    serve(
      comes,
      servers,
      (_, i) => {
        const { spans, servedFor } = seats[i]!;
        const visit = spans[span[i]!]!.visit!;
        const all = visit * Math.exp(figures.station_spread * chance(i, 1 + spans.length + span[i]!));
        return span[i] === 0 && servedFor !== null ? Math.max(STILL, all - servedFor) : all;
      },
      ({ of: i, done: back }) => {
        span[i]! += 1;
        const next = seats[i]!.spans[span[i]!]!;
        const slower = Math.exp(persons[i]! + next.spread * chance(i, 1 + span[i]!));
        return arrived(i, back + next.idle + next.work * slower);
      },
    );
  }
  const finishes = done.map((times) => times.reduce((sum, time) => sum + (time <= left ? 1 : 0), 0) / runs);
  return {
    seats: seats.map(({ id }, i) => ({ id, finishes: finishes[i]!, done: likely(done[i]!) })),
    finishing: finishes.reduce((sum, own) => sum + own, 0),
  };
}
