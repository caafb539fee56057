/** The best that fits each capacity. */
export interface Knapsack {
  /** The most value that uses exactly so much; −∞ where nothing does. */
  readonly exactly: Float64Array;
  /** How many of each item make it up. */
  readonly taken: (used: number) => Map<number, number>;
}

/**
 * Every exactly used capacity at once, each item at most so often: a dynamic programme over the capacity, copies by halves.
 *
 * @param items width (whole, over 0), value (over 0) and how often it may be taken
 */
export function knapsack(
  items: readonly { readonly item: number; readonly width: number; readonly value: number; readonly most: number }[],
  capacity: number,
): Knapsack {
  const exactly = new Float64Array(capacity + 1).fill(-Infinity);
  exactly[0] = 0;
  const chunks: { item: number; copies: number; width: number; chosen: Uint8Array }[] = [];
  let reach = 0;
  for (const { item, width, value, most } of items) {
    let left = Math.min(most, Math.floor(capacity / width));
    for (let copies = 1; left > 0; copies *= 2) {
      const n = Math.min(copies, left);
      left -= n;
      const [w, v] = [n * width, n * value];
      if (w > capacity) break;
      reach = Math.min(capacity, reach + w);
      const chosen = new Uint8Array(capacity + 1);
      for (let used = reach; used >= w; used--) {
        const value = exactly[used - w]! + v;
        if (value > exactly[used]! + 1e-12) {
          exactly[used] = value;
          chosen[used] = 1;
        }
      }
      chunks.push({ item, copies: n, width: w, chosen });
    }
  }
  return {
    exactly,
    taken: (used) => {
      const counts = new Map<number, number>();
      for (let i = chunks.length - 1, at = used; i >= 0; i--) {
        const { item, copies, width, chosen } = chunks[i]!;
        if (!chosen[at]) continue;
        counts.set(item, (counts.get(item) ?? 0) + copies);
        at -= width;
      }
      return counts;
    },
  };
}
