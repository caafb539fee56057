import { nextTotal } from './bound';
import { shrink } from './greedy';
import { isBetter, planOf, scoreOf, type Filled, type Instance, type Score } from './instance';
import type { MakeModel } from './linear-model';
import type { LanesPlan } from './problem';

export interface LanesOptions {
  /** The most time to spend. */
  readonly seconds: number;
  /** Milliseconds since anything. */
  readonly now: () => number;
  /** Makes the models that column generation solves; without it the answer is greedy, with a bound from the cord alone. */
  readonly makeModel?: MakeModel;
  /** Told each better plan as it is found. */
  readonly onBetter?: (plan: LanesPlan) => void;
}

/** The search: the best so far, the bound, and the clock. */
export class Search {
  best: Filled[] = [];
  score: Score;
  bound = 0;
  private readonly start: number;

  constructor(
    readonly instance: Instance,
    private readonly options: LanesOptions,
  ) {
    this.start = options.now();
    this.score = scoreOf(instance, []);
  }

  get seconds(): number {
    return (this.options.now() - this.start) / 1000;
  }
  /** Whether less than a share of the time has gone. */
  within = (share: number): boolean => this.seconds < this.options.seconds * share;
  left = (share: number): number => Math.max(0.05, this.options.seconds * share - this.seconds);

  offer(filled: readonly Filled[]): void {
    for (const candidate of [filled, shrink(this.instance, filled)]) {
      const score = scoreOf(this.instance, candidate);
      if (this.best.length > 0 && !isBetter(score, this.score)) continue;
      this.best = [...candidate];
      this.score = score;
      this.options.onBetter?.(this.plan());
    }
  }
  /** A short search of its own for some of the cuts. */
  of = (part: Instance): Search => new Search(part, { seconds: this.options.seconds / 10, now: this.options.now });
  /** Whether it is proved that no plan is better in anything. */
  settled = false;
  raise(bound: number): void {
    this.bound = Math.max(this.bound, bound);
  }
  /** The bound at the next total that whole pieces of fresh stock can make. */
  get total(): number {
    return nextTotal(this.instance, this.bound, this.score.fresh);
  }
  get freshIsLeast(): boolean {
    return this.score.unplaced === 0 && this.score.fresh <= this.total;
  }
  /** Whether nothing is left to gain: no scrap, and no more pieces touched than the cord alone needs. */
  get isDone(): boolean {
    if (this.settled) return true;
    return this.freshIsLeast && this.score.scrap === 0 && this.score.touched <= this.leastTouched;
  }
  private get leastTouched(): number {
    const { bars, wants } = this.instance;
    let wanted = wants.reduce((sum, want) => sum + want.width * want.ids.length, 0);
    const longest = bars.flatMap((bar) => bar.ids.map(() => bar.length)).reverse();
    let least = 0;
    while (wanted > 0 && least < longest.length) wanted -= longest[least++]!;
    return least;
  }
  plan = (): LanesPlan => planOf(this.instance, this.best, this.total, Math.round(this.seconds * 1000) / 1000);
}
