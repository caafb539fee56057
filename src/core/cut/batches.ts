/** Cuts made to one length: the longest among them, so many of them, and the cord that adds, mm. */
export interface Batch {
  readonly length_mm: number;
  readonly pieces: number;
  readonly added_mm: number;
}

/** The best batches of so many sizes. */
export interface Batching {
  readonly sizes: number;
  readonly added_mm: number;
  readonly batches: readonly Batch[];
}

/**
 * Merges cuts of one cord and colour into at most k sizes, for every k: the sizes that add the least cord in total. Exact, by a
 * dynamic programme over the sorted lengths: best(k, i) = min over j of best(k − 1, j) + cost(j, i), in O(k n²) for n
 * different lengths.
 *
 * @param cuts length, mm, and pieces
 * @returns for k = 1 up to the number of different lengths (or `most`), the batches, longest first
 *
 * @example
 * batches([{ length_mm: 900, pieces: 2 }, { length_mm: 910, pieces: 1 }, { length_mm: 1500, pieces: 1 }]).map(({ sizes, added_mm }) => [sizes, added_mm]) // [[1, 1790], [2, 20], [3, 0]]
 */
export function batches(
  cuts: readonly { readonly length_mm: number; readonly pieces: number }[],
  most = 12,
): Batching[] {
  const counted = new Map<number, number>();
  for (const { length_mm, pieces } of cuts) counted.set(length_mm, (counted.get(length_mm) ?? 0) + pieces);
  const sorted = [...counted].sort(([a], [b]) => a - b);
  const n = sorted.length;
  if (n === 0) return [];
  const pieces = [0];
  const lengths = [0];
  for (const [length, count] of sorted) {
    pieces.push(pieces.at(-1)! + count);
    lengths.push(lengths.at(-1)! + count * length);
  }
  /** Cord added when lengths j to i − 1 are all cut as long as the last of them. */
  const cost = (j: number, i: number): number =>
    (pieces[i]! - pieces[j]!) * sorted[i - 1]![0] - (lengths[i]! - lengths[j]!);
  const out: Batching[] = [];
  let best = Array.from({ length: n + 1 }, (_, i) => (i === 0 ? 0 : cost(0, i)));
  const from: number[][] = [Array.from({ length: n + 1 }, () => 0)];
  for (let k = 1; k <= Math.min(n, most); k++) {
    if (k > 1) {
      const next = Array.from({ length: n + 1 }, () => Infinity);
      const cut = Array.from({ length: n + 1 }, () => 0);
      for (let i = k; i <= n; i++) {
        for (let j = k - 1; j < i; j++) {
          const total = best[j]! + cost(j, i);
          if (total < next[i]!) [next[i], cut[i]] = [total, j];
        }
      }
      best = next;
      from.push(cut);
    }
    const groups: Batch[] = [];
    for (let i = n, level = k; level > 0; level--) {
      const j = from[level - 1]![i]!;
      groups.push({ length_mm: sorted[i - 1]![0], pieces: pieces[i]! - pieces[j]!, added_mm: cost(j, i) });
      i = j;
    }
    out.push({ sizes: k, added_mm: best[n]!, batches: groups });
  }
  return out;
}
