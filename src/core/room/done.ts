import { addRun, emptyCounts, spreadAt } from './counts';
import type { Runs } from './run-room';

/** Those who are done at a minute: as a mean, one time in ten fewer, one in ten more. */
export interface DoneAt {
  readonly minute: number;
  readonly mean: number;
  readonly p10: number;
  readonly p90: number;
}

/** How many are done at every minute until the room closes, over all runs. */
export function doneOver({ done }: Runs, minutes: number, runs: number): DoneAt[] {
  const counts = emptyCounts(minutes, done.length);
  const change = new Int16Array(counts.span + 1);
  for (let run = 0; run < runs; run++) {
    change.fill(0);
    for (const seat of done) change[Math.min(counts.span, Math.max(0, Math.ceil(seat[run]!)))]! += 1;
    addRun(counts, change);
  }
  return Array.from({ length: counts.span }, (_, minute) => ({ minute, ...spreadAt(counts, minute, runs) }));
}
