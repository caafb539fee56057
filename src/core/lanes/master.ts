import { type Filled, type Instance, remnantOf } from './instance';
import { knapsack, type Knapsack } from './knapsack';
import type { LinearModel, MakeModel } from './linear-model';

/** What the master minimises: fresh stock; or, opening no more of it than a limit, scrap and pieces touched. */
export type Goal = { readonly kind: 'fresh' } | { readonly kind: 'scrap'; readonly fresh: number };

/** A round of pricing: prices, the knapsack they make, and whether it found a pattern that helps. */
export interface Priced {
  readonly prices: Float64Array;
  readonly best: Knapsack;
  readonly improved: boolean;
}

/** A price a cut left out costs, in pieces of the longest bar: more than anything that placing it could. */
const LEFT_OUT = 1000;
/** A piece touched, in units of scrap: 250 of them weigh as much as one unit. */
const TOUCH = 0.004;
/** Gains below this are the solver's rounding. */
const LEAST_GAIN = 1e-7;
const LEAST_PRICE = 1e-9;

/** Whether pricing by dynamic programme is within reach: cells of its table. */
export const withinReach = ({ bars, wants, grain }: Instance): boolean =>
  Math.floor((bars.at(-1)?.length ?? 0) / grain) *
    wants.reduce((sum, want) => sum + 1 + Math.log2(want.ids.length), 0) <
  120_000_000;

/**
 * The restricted master of column generation: a row a want (as many as wanted), a row a kind of bar (as many as there are), and,
 * for scrap, a row for the fresh stock opened. Its columns are patterns: one bar cut one way.
 */
export class Master {
  readonly patterns: Filled[] = [];
  private readonly columnOf: number[] = [];
  private readonly model: LinearModel;
  private readonly known = new Map<string, number>();
  private readonly slacks: number[] = [];
  private readonly scale: number;

  constructor(
    private readonly instance: Instance,
    private readonly goal: Goal,
    make: MakeModel,
  ) {
    const { bars, wants } = instance;
    this.scale = bars.at(-1)!.length;
    this.model = make([
      ...wants.map((want) => ({ least: want.ids.length, most: Infinity })),
      ...bars.map((bar) => ({ least: -Infinity, most: bar.ids.length })),
      ...(goal.kind === 'scrap' ? [{ least: -Infinity, most: goal.fresh / this.scale }] : []),
    ]);
    wants.forEach((want, row) => this.slacks.push(this.model.add(LEFT_OUT, want.ids.length, [[row, 1]])));
  }

  /** What one pattern costs in the master's own measure. */
  private costOf(filled: Filled): number {
    const { bars, keep } = this.instance;
    const bar = bars[filled.bar]!;
    if (this.goal.kind === 'fresh') return bar.fresh ? bar.length / this.scale : 0;
    return this.scrapCost(remnantOf(this.instance, filled), keep);
  }

  private scrapCost(rest: number, keep: number): number {
    return ((rest < keep ? rest : 0) + TOUCH) / Math.max(1, keep);
  }

  /** Adds a pattern unless it is there. */
  add(filled: Filled): number {
    const { bars, wants } = this.instance;
    const key = `${filled.bar}|${[...filled.counts].sort(([a], [b]) => a - b).join(';')}`;
    const before = this.known.get(key);
    if (before !== undefined) return before;
    const bar = bars[filled.bar]!;
    const entries: [number, number][] = [...filled.counts];
    entries.push([wants.length + filled.bar, 1]);
    if (this.goal.kind === 'scrap' && bar.fresh) entries.push([wants.length + bars.length, bar.length / this.scale]);
    const index = this.patterns.length;
    this.patterns.push(filled);
    this.columnOf.push(this.model.add(this.costOf(filled), bar.ids.length, entries));
    this.known.set(key, index);
    return index;
  }

  /** How often each pattern is used in the fractional optimum over what is there; null when it could not be solved. */
  solve(): { readonly use: number[]; readonly duals: ArrayLike<number> } | null {
    const solved = this.model.solve();
    return solved && { use: this.columnOf.map((column) => solved.columns[column]!), duals: solved.duals };
  }

  /** Prices the cuts by the duals and adds, for each bar, the best pattern for what is still `wanted` of each. */
  price(duals: ArrayLike<number>, wanted: readonly number[]): Priced {
    const { bars, wants, grain, keep } = this.instance;
    const items = wants
      .map((want, item) => ({ item, width: want.width / grain, value: duals[item]!, most: wanted[item]! }))
      .filter(({ value, most }) => value > LEAST_PRICE && most > 0);
    const best = knapsack(items, Math.floor(bars.at(-1)!.length / grain));
    const freshDual = this.goal.kind === 'scrap' ? duals[wants.length + bars.length]! : 0;
    let improved = false;
    let at = 0;
    let top = 0;
    bars.forEach(({ length, fresh }, bar) => {
      const end = Math.floor(length / grain);
      const fixed =
        this.goal.kind === 'fresh' ? (fresh ? length / this.scale : 0) : fresh ? -freshDual * (length / this.scale) : 0;
      const barDual = duals[wants.length + bar]!;
      let used = -1;
      let gain = LEAST_GAIN;
      if (this.goal.kind === 'fresh') {
        for (; at <= end; at++) if (best.exactly[at]! > best.exactly[top]!) top = at;
        gain = best.exactly[top]! - fixed + barDual;
        used = top;
      } else {
        for (let u = 1; u <= end; u++) {
          if (best.exactly[u] === -Infinity) continue;
          const value = best.exactly[u]! - this.scrapCost(length - u * grain, keep) - fixed + barDual;
          if (value > gain) [gain, used] = [value, u];
        }
      }
      if (used <= 0 || gain <= LEAST_GAIN) return;
      const before = this.patterns.length;
      this.add({ bar, counts: best.taken(used) });
      improved ||= this.patterns.length > before;
    });
    return {
      prices: Float64Array.from(wants, (_, i) => (duals[i]! > LEAST_PRICE ? duals[i]! * this.scale : 0)),
      best: scaled(best, this.scale),
      improved,
    };
  }

  /** Holds a pattern at no less than so often. */
  hold(pattern: number, least: number): void {
    this.model.atLeast(this.columnOf[pattern]!, least);
  }

  /** The best whole use of the patterns that are there, from a start, within some seconds. */
  solveWhole(seconds: number, start: readonly Filled[]): Filled[] | null {
    const first = new Float64Array(this.slacks.length + this.patterns.length);
    for (const lane of start) first[this.columnOf[this.add(lane)]!]! += 1;
    const columns = this.model.solveWhole(seconds, first);
    if (!columns) return null;
    const used = this.patterns.flatMap((pattern, i) =>
      Array.from({ length: Math.round(columns[this.columnOf[i]!]!) }, () => pattern),
    );
    return withoutSpare(this.instance, used);
  }

  free(): void {
    this.model.free();
  }
}

/** The same knapsack with values in units of length. */
const scaled = (best: Knapsack, scale: number): Knapsack => ({
  ...best,
  exactly: best.exactly.map((value) => value * scale),
});

/** Patterns that together hold more of a want than is wanted, without what is too many; bars left empty fall away. */
export function withoutSpare(instance: Instance, filled: readonly Filled[]): Filled[] {
  const left = instance.wants.map((want) => want.ids.length);
  return filled
    .map(({ bar, counts }) => {
      const kept = new Map<number, number>();
      for (const [want, n] of counts) {
        const take = Math.min(n, left[want]!);
        left[want]! -= take;
        if (take > 0) kept.set(want, take);
      }
      return { bar, counts: kept };
    })
    .filter(({ counts }) => counts.size > 0);
}
