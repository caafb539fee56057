/** How often so many were counted at each minute. */
export interface Counts {
  readonly span: number;
  readonly most: number;
  readonly times: Uint32Array;
}

export const emptyCounts = (minutes: number, most: number): Counts => {
  const span = Math.ceil(minutes) + 1;
  return { span, most: most + 1, times: new Uint32Array(span * (most + 1)) };
};

/** Adds a run up: how many more, or fewer, there are from each minute on. */
export function addRun({ span, most, times }: Counts, change: Int16Array): void {
  let now = 0;
  for (let minute = 0; minute < span; minute++) {
    now += change[minute]!;
    times[minute * most + now]! += 1;
  }
}

/** The mean at a minute, and what one run in ten stays under or goes over. */
export function spreadAt(
  { most, times }: Counts,
  minute: number,
  runs: number,
): { mean: number; p10: number; p90: number } {
  let [all, below, p10, p90] = [0, 0, 0, 0];
  for (let count = 0; count < most; count++) {
    const often = times[minute * most + count]!;
    all += often * count;
    if (below < 0.1 * runs) p10 = count;
    if (below < 0.9 * runs) p90 = count;
    below += often;
  }
  return { mean: all / runs, p10, p90 };
}
