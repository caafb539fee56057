import type { Filled, Instance } from './instance';

/** The pieces of stock one by one, by bar index, in an order to try them. */
export function pieces(instance: Instance, order: (a: number, b: number) => number): number[] {
  const { bars } = instance;
  return bars
    .map((_, bar) => bar)
    .sort((a, b) => Number(bars[a]!.fresh) - Number(bars[b]!.fresh) || order(a, b))
    .flatMap((bar) => bars[bar]!.ids.map(() => bar));
}

/**
 * Cuts longest first, each from the first piece that still takes it (`best` false) or from the one it leaves least of: a first
 * answer at once, and what no later one may be worse than.
 */
export function greedy({ bars, wants }: Instance, order: readonly number[], best: boolean): Filled[] {
  const rest = order.map((bar) => bars[bar]!.length);
  const counts = order.map(() => new Map<number, number>());
  wants.forEach(({ width, ids }, want) => {
    for (let n = 0; n < ids.length; n++) {
      let at = -1;
      for (let i = 0; i < order.length; i++) {
        if (rest[i]! < width) continue;
        if (!best) {
          at = i;
          break;
        }
        // A piece already begun, or not fresh, before one that would have to be opened.
        const closed = bars[order[i]!]!.fresh && counts[i]!.size === 0;
        if (closed && at >= 0) break;
        if (at < 0 || rest[i]! < rest[at]!) at = i;
        if (closed) break;
      }
      if (at < 0) break;
      rest[at]! -= width;
      counts[at]!.set(want, (counts[at]!.get(want) ?? 0) + 1);
    }
  });
  return order.map((bar, i) => ({ bar, counts: counts[i]! })).filter(({ counts: taken }) => taken.size > 0);
}

/** Moves what is cut from each fresh piece to the shortest fresh piece that takes it and is not used yet. */
export function shrink({ bars, wants }: Instance, filled: readonly Filled[]): Filled[] {
  const free = bars.map((bar, i) => bar.ids.length - filled.filter((lane) => lane.bar === i).length);
  return filled.map((lane) => {
    const { fresh, length } = bars[lane.bar]!;
    if (!fresh) return lane;
    let used = 0;
    for (const [want, n] of lane.counts) used += n * wants[want]!.width;
    const smaller = bars.findIndex((bar, i) => free[i]! > 0 && bar.fresh && bar.length >= used && bar.length < length);
    if (smaller < 0) return lane;
    free[smaller]! -= 1;
    free[lane.bar]! += 1;
    return { ...lane, bar: smaller };
  });
}
