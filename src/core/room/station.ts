/** When each of those who come to a station is served, and when done. */
export interface Served {
  readonly from: Float64Array;
  readonly done: Float64Array;
}

/**
 * A station with so many servers, first come first served: the k-th to be served takes the k-th time, whoever it is. Times in any one unit.
 *
 * @param comes when they come, in order
 * @param takes how long the first, the second, … turn takes
 *
 * @example
 * [...serve([0, 0, 5], [2, 2, 1], 1).done] // [2, 4, 6]
 */
export function serve(comes: ArrayLike<number>, takes: ArrayLike<number>, servers: number): Served {
  const free = new Float64Array(servers);
  const from = new Float64Array(comes.length);
  const done = new Float64Array(comes.length);
  for (let k = 0; k < comes.length; k++) {
    let first = 0;
    for (let s = 1; s < servers; s++) if (free[s]! < free[first]!) first = s;
    from[k] = Math.max(comes[k]!, free[first]!);
    done[k] = from[k]! + takes[k]!;
    free[first] = done[k]!;
  }
  return { from, done };
}
