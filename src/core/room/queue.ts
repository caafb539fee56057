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
  const [span, most] = [Math.ceil(minutes) + 1, flame.length + 1];
  // How often so many waited at each minute.
  const counts = new Uint32Array(span * most);
  const change = new Int16Array(span + 1);
  for (let run = 0; run < runs; run++) {
    change.fill(0);
    for (const i of flame) {
      const [from, to] = [ready[i]![run]!, turn[i]![run]!].map((time) => Math.max(0, Math.ceil(time)));
      if (from! >= span) continue;
      change[from!]! += 1;
      change[Math.min(to!, span)]! -= 1;
    }
    let waiting = 0;
    for (let minute = 0; minute < span; minute++) {
      waiting += change[minute]!;
      counts[minute * most + waiting]! += 1;
    }
  }
  return Array.from({ length: span }, (_, minute) => {
    let [all, below, p90] = [0, 0, 0];
    for (let waiting = 0; waiting < most; waiting++) {
      const times = counts[minute * most + waiting]!;
      all += times * waiting;
      if (below < 0.9 * runs) p90 = waiting;
      below += times;
    }
    return { minute, mean: all / runs, p90 };
  });
}
