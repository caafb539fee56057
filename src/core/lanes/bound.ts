import type { Instance } from './instance';
import type { Knapsack } from './knapsack';

/**
 * The least fresh stock any plan can open that leaves at most `unplaced` cuts, from any prices of the cuts: each piece of stock
 * can hold cuts worth at most its best knapsack, so what the cuts are worth beyond that must be paid for in fresh stock
 * (Lagrange). Valid for every choice of prices, and as strong as the fractional optimum for the right ones.
 *
 * @param prices of each want, in units of fresh length
 * @param best the knapsack of these prices, in grains
 */
export function lagrangeBound(
  { bars, wants, grain }: Instance,
  prices: ArrayLike<number>,
  best: Knapsack,
  unplaced: number,
): number {
  let bound = 0;
  let dearest = 0;
  wants.forEach((want, i) => {
    bound += prices[i]! * want.ids.length;
    dearest = Math.max(dearest, prices[i]!);
  });
  bound -= unplaced * dearest;
  let most = 0;
  let at = 0;
  // Bars come shortest first, so one sweep over the capacities does for all.
  for (const { length, fresh, ids } of bars) {
    for (const end = Math.min(Math.floor(length / grain), best.exactly.length - 1); at <= end; at++)
      most = Math.max(most, best.exactly[at]!);
    bound -= ids.length * Math.max(0, most - (fresh ? length : 0));
  }
  return Math.max(0, bound);
}

/** What must be opened for the cord alone: all widths less all that is not fresh. */
export function cordBound({ bars, wants }: Instance, unplaced: number): number {
  if (unplaced > 0) return 0;
  const wanted = wants.reduce((sum, want) => sum + want.width * want.ids.length, 0);
  const there = bars.reduce((sum, bar) => sum + (bar.fresh ? 0 : bar.length * bar.ids.length), 0);
  return Math.max(0, wanted - there);
}

/** The least total of whole fresh pieces that is no less than a bound, looked for up to `most`. */
export function nextTotal({ bars }: Instance, bound: number, most: number): number {
  const fresh = bars.filter((bar) => bar.fresh);
  const common = fresh.reduce((g, bar) => gcd(g, bar.length), 0);
  if (common === 0 || bound <= 0) return 0;
  const from = Math.ceil(bound / common - 1e-6);
  const size = Math.floor(most / common);
  // Too fine to try every total: the common measure alone.
  if (size > 2_000_000) return Math.min(from * common, most);
  const used = new Int32Array(size + 1).fill(-1);
  const reached = new Uint8Array(size + 1);
  reached[0] = 1;
  for (const { length, ids } of fresh) {
    const step = length / common;
    for (let total = 0; total <= size; total++) used[total] = reached[total] ? 0 : -1;
    for (let total = step; total <= size; total++) {
      const before = used[total - step]!;
      if (used[total]! < 0 && before >= 0 && before < ids.length) {
        used[total] = before + 1;
        reached[total] = 1;
      }
    }
  }
  for (let total = Math.max(0, from); total <= size; total++) if (reached[total]) return total * common;
  return most;
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
