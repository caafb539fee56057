import { addRun, emptyCounts, spreadAt } from './counts';
import type { Runs } from './run-room';

/** Those who wait for the flame at a minute: as a mean, and one time in ten more. */
export interface QueueAt {
  readonly minute: number;
  readonly mean: number;
  readonly p90: number;
}

/** The queue at every minute until the room closes, over all runs. */
export function queueOver({ visits }: Runs, minutes: number, runs: number): QueueAt[] {
  const turns = visits.flat();
  const counts = emptyCounts(minutes, visits.length);
  const { span } = counts;
  const change = new Int16Array(span + 1);
  for (let run = 0; run < runs; run++) {
    change.fill(0);
    for (const { ready, turn } of turns) {
      const [from, to] = [ready[run]!, turn[run]!].map((time) => Math.max(0, Math.ceil(time)));
      if (from! >= span) continue;
      change[from!]! += 1;
      change[Math.min(to!, span)]! -= 1;
    }
    addRun(counts, change);
  }
  return Array.from({ length: span }, (_, minute) => {
    const { mean, p90 } = spreadAt(counts, minute, runs);
    return { minute, mean, p90 };
  });
}
