import { pieces, greedy } from './greedy';
import type { Filled, Instance } from './instance';
import { withoutSpare, type Master } from './master';

/** Prices the master's columns until none helps or time is up; answers the use of its patterns. */
export function generate(
  master: Master,
  wanted: readonly number[],
  running: () => boolean,
  onPriced: (priced: ReturnType<Master['price']>) => void = () => {},
): number[] | null {
  for (;;) {
    const solved = master.solve();
    if (!solved) return null;
    if (!running()) return solved.use;
    const priced = master.price(solved.duals, wanted);
    onPriced(priced);
    if (!priced.improved) return solved.use;
  }
}

/**
 * Dives from the fractional optimum to a whole plan: holds what is whole, else the pattern nearest to it, prices patterns for
 * what is still wanted, and goes on; what is left at the end is placed greedily.
 *
 * @param lean how a fractional use is rounded: above this part up, else the largest
 */
export function dive(instance: Instance, master: Master, running: () => boolean, lean: number): Filled[] {
  const { bars, wants } = instance;
  const held = new Map<number, number>();
  const left = wants.map((want) => want.ids.length);
  const free = bars.map((bar) => bar.ids.length);
  const hold = (pattern: number, more: number): void => {
    held.set(pattern, (held.get(pattern) ?? 0) + more);
    master.hold(pattern, held.get(pattern)!);
    const { bar, counts } = master.patterns[pattern]!;
    free[bar]! -= more;
    for (const [want, n] of counts) left[want] = Math.max(0, left[want]! - n * more);
  };
  while (left.some((n) => n > 0) && running()) {
    const use = generate(master, left, running);
    if (!use) break;
    const open = use
      .map((amount, pattern) => ({ pattern, more: amount - (held.get(pattern) ?? 0) }))
      .filter(({ pattern, more }) => {
        const { bar, counts } = master.patterns[pattern]!;
        return more > 1e-6 && free[bar]! > 0 && [...counts].some(([want, n]) => n > 0 && left[want]! > 0);
      })
      .sort((a, b) => b.more - a.more);
    if (open.length === 0) break;
    const whole = open.filter(({ more }) => more > 1 - 1e-6 || more % 1 > lean);
    const chosen = whole.length > 0 ? whole.slice(0, Math.max(1, whole.length >> 1)) : open.slice(0, 1);
    for (const { pattern, more } of chosen) {
      const { bar } = master.patterns[pattern]!;
      const times = Math.min(free[bar]!, Math.max(1, Math.floor(more + 1e-6)));
      if (times > 0) hold(pattern, times);
    }
  }
  for (const pattern of held.keys()) master.hold(pattern, 0);
  const filled = withoutSpare(
    instance,
    [...held].flatMap(([pattern, n]) => Array.from({ length: n }, () => master.patterns[pattern]!)),
  );
  return complete(instance, filled);
}

/** Places greedily what a partial plan leaves, into what is left of its bars and the free ones. */
export function complete(instance: Instance, filled: readonly Filled[]): Filled[] {
  const { bars, wants } = instance;
  const left = wants.map((want) => [...want.ids]);
  const used = new Map<number, number>();
  for (const { bar, counts } of filled) {
    used.set(bar, (used.get(bar) ?? 0) + 1);
    for (const [want, n] of counts) left[want]!.splice(0, n);
  }
  const rest = filled.map(({ bar, counts }) => {
    let length = bars[bar]!.length;
    for (const [want, n] of counts) length -= n * wants[want]!.width;
    return length;
  });
  // First into the remnants, as if they were started stock, then into free bars.
  const partial: Instance = {
    ...instance,
    wants: wants.map((want, i) => ({ ...want, ids: left[i]! })),
    bars: [
      ...rest.map((length) => ({ length, fresh: false, ids: ['remnant'] })),
      ...bars.map((bar, i) => ({ ...bar, ids: bar.ids.slice(used.get(i) ?? 0) })),
    ],
  };
  const added = greedy(
    partial,
    pieces(partial, (a, b) => partial.bars[a]!.length - partial.bars[b]!.length),
    true,
  );
  const merged = filled.map(({ bar, counts }) => ({ bar, counts: new Map(counts) }));
  for (const { bar, counts } of added) {
    if (bar < filled.length) {
      for (const [want, n] of counts) merged[bar]!.counts.set(want, (merged[bar]!.counts.get(want) ?? 0) + n);
    } else merged.push({ bar: bar - filled.length, counts: new Map(counts) });
  }
  return merged;
}
