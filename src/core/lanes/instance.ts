import type { LanesPlan, LanesProblem } from './problem';

/** Pieces of stock alike: one length, all fresh or none. Lengths are whole units of the instance. */
export interface Bar {
  readonly length: number;
  readonly fresh: boolean;
  /** One id a piece. */
  readonly ids: readonly string[];
}

/** Cuts alike. `width` is what one takes of a bar: its length and the loss. */
export interface Want {
  readonly width: number;
  readonly ids: readonly string[];
}

/** A problem in whole units, alike pieces together: bars shortest first, wants longest first. */
export interface Instance {
  /** mm a unit. */
  readonly unit: number;
  readonly keep: number;
  readonly bars: readonly Bar[];
  readonly wants: readonly Want[];
  /** Every width is a multiple of this, in units. */
  readonly grain: number;
  /** Cuts longer than any piece of stock. */
  readonly tooLong: readonly string[];
}

/** One bar with what is cut from it: so many of each want, by its index. */
export interface Filled {
  readonly bar: number;
  readonly counts: ReadonlyMap<number, number>;
}

/** Lengths are reckoned to this part of a millimetre: finer than anybody cuts. */
const FINEST = 0.01;

const isWhole = (value: number, unit: number): boolean => Math.abs(value / unit - Math.round(value / unit)) < 1e-6;

/** The coarsest of 1, 0.1 and 0.01 mm that every length is a multiple of. */
function unitOf({ loss_mm, keep_mm, stock, cuts }: LanesProblem): number {
  const lengths = [loss_mm, keep_mm, ...stock.map((s) => s.length_mm), ...cuts.map((c) => c.length_mm)];
  return [1, 0.1].find((unit) => lengths.every((length) => isWhole(length, unit))) ?? FINEST;
}

/** Ids under each key, in the order of the keys' numbers. */
function gather<K extends string>(entries: readonly { key: K; id: string; count: number }[]): Map<K, string[]> {
  const groups = new Map<K, string[]>();
  for (const { key, id, count } of entries) {
    const ids = groups.get(key) ?? [];
    for (let i = 0; i < count; i++) ids.push(id);
    groups.set(key, ids);
  }
  return groups;
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** Reads a problem into whole units; a length finer than a hundredth of a millimetre is rounded so that everything still fits. */
export function instanceOf(problem: LanesProblem): Instance {
  const unit = unitOf(problem);
  const down = (mm: number): number => Math.floor(mm / unit + 1e-6);
  const up = (mm: number): number => Math.ceil(mm / unit - 1e-6);
  const pieces = problem.cuts.reduce((sum, cut) => sum + (cut.count ?? 1), 0);
  const stock = gather(
    problem.stock.map(({ id, length_mm, fresh, count = 1 }) => ({
      key: `${down(length_mm)}|${fresh}` as const,
      id,
      // More pieces than cuts are never touched.
      count: Math.min(count, pieces),
    })),
  );
  const bars = [...stock]
    .map(([key, ids]): Bar => {
      const [length, fresh] = key.split('|');
      return { length: Number(length), fresh: fresh === 'true', ids: ids.slice(0, pieces) };
    })
    .sort((a, b) => a.length - b.length);
  const longest = bars.at(-1)?.length ?? 0;
  const widths = gather(
    problem.cuts.map(({ id, length_mm, count = 1 }) => ({ key: `${up(length_mm + problem.loss_mm)}`, id, count })),
  );
  const all = [...widths].map(([key, ids]): Want => ({ width: Number(key), ids })).sort((a, b) => b.width - a.width);
  const wants = all.filter((want) => want.width <= longest);
  return {
    unit,
    keep: problem.keep_mm / unit,
    bars,
    wants,
    grain: wants.reduce((common, want) => gcd(common, want.width), 0) || 1,
    tooLong: all.filter((want) => want.width > longest).flatMap((want) => want.ids),
  };
}

/** What is left of a filled bar, in units. */
export function remnantOf({ bars, wants }: Instance, { bar, counts }: Filled): number {
  let used = 0;
  for (const [want, n] of counts) used += n * wants[want]!.width;
  return bars[bar]!.length - used;
}

/** How good a plan is: compared in this order, less is better. Lengths in units. */
export interface Score {
  readonly unplaced: number;
  readonly fresh: number;
  readonly scrap: number;
  readonly touched: number;
}

export function scoreOf(instance: Instance, filled: readonly Filled[]): Score {
  let placed = 0;
  let fresh = 0;
  let scrap = 0;
  for (const lane of filled) {
    for (const n of lane.counts.values()) placed += n;
    if (instance.bars[lane.bar]!.fresh) fresh += instance.bars[lane.bar]!.length;
    const rest = remnantOf(instance, lane);
    if (rest < instance.keep) scrap += rest;
  }
  const wanted = instance.wants.reduce((sum, want) => sum + want.ids.length, 0);
  return { unplaced: wanted - placed, fresh, scrap, touched: filled.length };
}

/** Whether one score is better than another. */
export function isBetter(a: Score, b: Score): boolean {
  if (a.unplaced !== b.unplaced) return a.unplaced < b.unplaced;
  if (a.fresh !== b.fresh) return a.fresh < b.fresh;
  if (a.scrap !== b.scrap) return a.scrap < b.scrap;
  return a.touched < b.touched;
}

/** A filled instance as the answer: every piece by its id, the started stock first, long cuts first. */
export function planOf(instance: Instance, filled: readonly Filled[], bound: number, seconds: number): LanesPlan {
  const { unit, bars, wants, tooLong } = instance;
  const mm = (units: number): number => Math.round(units * unit * 100) / 100;
  const stockLeft = bars.map((bar) => [...bar.ids]);
  const wantLeft = wants.map((want) => [...want.ids]);
  const ordered = [...filled].sort(
    (a, b) =>
      Number(bars[a.bar]!.fresh) - Number(bars[b.bar]!.fresh) ||
      a.bar - b.bar ||
      remnantOf(instance, a) - remnantOf(instance, b),
  );
  const lanes = ordered.map((lane) => ({
    stock: stockLeft[lane.bar]!.shift()!,
    cuts: [...lane.counts].sort(([a], [b]) => a - b).flatMap(([want, n]) => wantLeft[want]!.splice(0, n)),
    remnant_mm: mm(remnantOf(instance, lane)),
  }));
  const { fresh, scrap } = scoreOf(instance, filled);
  return {
    lanes,
    unplaced: [...tooLong, ...wantLeft.flat()],
    fresh_mm: mm(fresh),
    fresh_bound_mm: mm(Math.min(bound, fresh)),
    scrap_mm: mm(scrap),
    seconds,
  };
}
