/** A turn at a station: whose, and when it came, was served, and was done. Times in any one unit. */
export interface Turn {
  readonly of: number;
  readonly came: number;
  readonly from: number;
  readonly done: number;
}

/**
 * A station with so many servers, first come first served. Whoever is done may come again.
 *
 * @param comes when each comes first; those who do not come at all at infinity
 * @param takes how long the k-th turn takes
 * @param onTurn told of each turn as it is done; answers when that one comes again, infinity for never
 *
 * @returns how many turns there were
 *
 * @example
 * serve([0, 0, 5], 1, () => 2, () => Infinity) // 3
 */
export function serve(
  comes: ArrayLike<number>,
  servers: number,
  takes: (k: number, of: number) => number,
  onTurn: (turn: Turn) => number,
): number {
  const free = new Float64Array(servers);
  const at = Float64Array.from(comes);
  // Those who wait or will come, in order; those before the k-th have had their turn.
  const queue = [...at.keys()].filter((i) => at[i]! < Infinity).sort((a, b) => at[a]! - at[b]!);
  for (let k = 0; k < queue.length; k++) {
    const of = queue[k]!;
    const came = at[of]!;
    let first = 0;
    for (let s = 1; s < servers; s++) if (free[s]! < free[first]!) first = s;
    const from = Math.max(came, free[first]!);
    const done = from + takes(k, of);
    free[first] = done;
    const again = onTurn({ of, came, from, done });
    if (again === Infinity) continue;
    at[of] = again;
    let [low, high] = [k + 1, queue.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (at[queue[middle]!]! <= again) low = middle + 1;
      else high = middle;
    }
    queue.splice(low, 0, of);
  }
  return queue.length;
}
