import { doneOver, type DoneAt } from './done';
import { likely, shareOf, type Likely } from './likely';
import { queueOver, type QueueAt } from './queue';
import type { Room } from './room';
import { runRoom } from './run-room';

/** How a seat will probably get on. */
export interface SeatTimes {
  readonly id: string;
  readonly label: string;
  /** The chance that the piece is done when the room closes. */
  readonly finishes: number;
  readonly begins: Likely;
  /** Its turns at the flame: when it is ready for each, when it is its turn, and when it is back. */
  readonly visits: readonly { readonly ready: Likely; readonly turn: Likely; readonly back: Likely }[];
  readonly done: Likely;
}

/** What probably becomes of a room. */
export interface RoomTimes {
  readonly runs: number;
  readonly seats: readonly SeatTimes[];
  /** How many finish, as a mean, and one time in ten fewer. */
  readonly finishing: { readonly mean: number; readonly p10: number };
  /** How many are done at each minute: as a mean, one time in ten fewer, one in ten more. */
  readonly finished: readonly DoneAt[];
  /** The queue for the flame, minute by minute. */
  readonly queue: readonly QueueAt[];
  /** The longest wait at the flame, minutes. */
  readonly longest: Likely;
}

/**
 * Lets a room’s time pass so many times: everybody comes, some late; settles; waits for the showing that the whole room waits for, or
 * is shown on their own; works at their own pace; and waits for the flame as often as the piece needs it. The same seed gives the same luck to
 * everybody, whatever is planned: two plans differ by what was planned.
 *
 * @example
 * simulateRoom(room, { runs: 50, seed: 1 }).seats.map(({ label }) => label) // ['Ada', 'Bo']
 */
export function simulateRoom(room: Room, { runs, seed }: { runs: number; seed: number }): RoomTimes {
  const { seats, minutes } = room;
  const all = runRoom(room, runs, seed);
  const [finished, longest] = [new Float64Array(runs), new Float64Array(runs)];
  seats.forEach((_, i) => {
    for (let run = 0; run < runs; run++) {
      if (all.done[i]![run]! <= minutes) finished[run]! += 1;
      for (const { ready, turn } of all.visits[i]!) longest[run] = Math.max(longest[run]!, turn[run]! - ready[run]!);
    }
  });
  return {
    runs,
    seats: seats.map(({ id, label }, i) => ({
      id,
      label,
      finishes: all.done[i]!.reduce((sum, time) => sum + (time <= minutes ? 1 : 0), 0) / runs,
      begins: likely(all.begins[i]!),
      visits: all.visits[i]!.map(({ ready, turn, back }) => ({
        ready: likely(ready),
        turn: likely(turn),
        back: likely(back),
      })),
      done: likely(all.done[i]!),
    })),
    finishing: { mean: finished.reduce((sum, own) => sum + own, 0) / runs, p10: shareOf(finished.slice().sort(), 0.1) },
    finished: doneOver(all, minutes, runs),
    queue: queueOver(all, minutes, runs),
    longest: likely(longest),
  };
}
