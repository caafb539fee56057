import { addRun, emptyCounts, spreadAt } from './counts';
import type { Runs } from './run-room';

/** Those who wait for the flame at a minute: as a mean, and one time in ten more. */
export interface QueueAt {
  readonly minute: number;
  readonly mean: number;
  readonly p90: number;
}

/** The queue at every minute until the room closes, over all runs. */
export function queueOver({ ready, turn, atFlame }: Runs, minutes: number, runs: number): QueueAt[] {
  const flame = atFlame.flatMap((is, i) => (is ? [i] : []));
  const counts = emptyCounts(minutes, flame.length);
  const { span } = counts;
  const change = new Int16Array(span + 1);
  for (let run = 0; run < runs; run++) {
    change.fill(0);
    for (const i of flame) {
      const [from, to] = [ready[i]![run]!, turn[i]![run]!].map((time) => Math.max(0, Math.ceil(time)));
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
