import { cordBound, lagrangeBound } from './bound';
import { dive, generate } from './dive';
import { settle } from './exact/settle';
import { fillUp } from './fill';
import { improveOnce } from './improve';
import { greedy, pieces } from './greedy';
import { Search, type LanesOptions } from './search';
import { leaveOut } from './shortage';
import { instanceOf, type Filled, type Instance } from './instance';
import type { MakeModel } from './linear-model';
import { Master, withinReach } from './master';
import type { LanesPlan, LanesProblem } from './problem';

export type { LanesOptions };

/** A repeatable source of chance, so that the same problem has the same plan (a multiplicative generator). */
function chance(): () => number {
  let state = 20_261;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

/** The pieces of stock, short ones first and long ones first. */
function ordersOf(instance: Instance): number[][] {
  const { bars } = instance;
  const rising = (a: number, b: number) => bars[a]!.length - bars[b]!.length;
  return [rising, (a: number, b: number) => rising(b, a)].map((order) => pieces(instance, order));
}

/** A first answer at once: every greedy order. */
function begin(search: Search): void {
  const { instance } = search;
  for (const order of ordersOf(instance)) for (const best of [false, true]) search.offer(greedy(instance, order, best));
  search.raise(cordBound(instance, search.score.unplaced));
}

/** Fillings, straight and by chance, while they are cheap. */
function fillings(search: Search): void {
  const { instance } = search;
  const orders = ordersOf(instance);
  const random = chance();
  for (let round = 0; round < 40 && search.within(0.15) && !search.isDone; round++) {
    for (const order of orders)
      search.offer(fillUp(instance, order, round === 0 ? undefined : () => random() < Math.min(0.5, 0.02 * round)));
  }
}

/** The part of the time that looking at every choice of pieces may take: small problems are settled in far less. */
const SETTLING = 0.1;

/** Settles a small problem for good, where that does not take long. */
function settleSmall(search: Search): void {
  if (search.isDone) return;
  const running = (): boolean => search.within(SETTLING);
  // Any plan that places everything is better than one that does not.
  const known = search.score.unplaced === 0 ? search.score : { fresh: Infinity, scrap: Infinity, touched: Infinity };
  if (!settle(search.instance, known, running, (filled) => search.offer(filled)) || search.score.unplaced > 0) return;
  search.raise(search.score.fresh);
  search.settled = true;
}

/** Small repairs to the best plan by chance, while they still come. */
function mend(search: Search, share: number): void {
  const random = chance();
  for (let idle = 0; idle < 1500 && !search.isDone && search.within(share); idle++) {
    const better = improveOnce(search.instance, search.best, random);
    if (!better) continue;
    search.offer(better);
    idle = 0;
  }
}

/** The least fresh stock, and the proof of how little it can be. */
function openLeast(search: Search, makeModel: MakeModel): void {
  const { instance } = search;
  const wanted = instance.wants.map((want) => want.ids.length);
  const master = new Master(instance, { kind: 'fresh' }, makeModel);
  try {
    search.best.forEach((lane) => master.add(lane));
    generate(
      master,
      wanted,
      () => search.within(0.4) && !search.freshIsLeast,
      ({ prices, best }) => search.raise(lagrangeBound(instance, prices, best, search.score.unplaced)),
    );
    for (const lean of [0.6, 0.8, 0.5, 0.7]) {
      if (search.freshIsLeast || !search.within(0.5)) return;
      search.offer(dive(instance, master, () => search.within(0.55), lean));
    }
    if (search.freshIsLeast) return;
    const whole = master.solveWhole(search.left(0.65), search.best);
    if (whole) search.offer(whole);
  } finally {
    master.free();
  }
}

/** The least scrap, then the fewest pieces touched, opening no more fresh stock than the best plan does. */
function scrapLeast(search: Search, makeModel: MakeModel): void {
  const { instance } = search;
  const master = new Master(instance, { kind: 'scrap', fresh: search.score.fresh }, makeModel);
  try {
    search.best.forEach((lane) => master.add(lane));
    generate(
      master,
      instance.wants.map((want) => want.ids.length),
      () => search.within(0.8),
    );
    if (search.within(0.85)) search.offer(dive(instance, master, () => search.within(0.88), 0.6));
    const whole = master.solveWhole(search.left(0.9), search.best);
    if (whole) search.offer(whole);
  } finally {
    master.free();
  }
}

/** Of a shelf that does not do for every cut: as many as can be placed, with the least scrap. */
function leaveSomeOut(search: Search): void {
  const { instance } = search;
  const wanted = instance.wants.reduce((sum, want) => sum + want.ids.length, 0);
  const solve = (part: Instance): Filled[] => {
    const own = search.of(part);
    begin(own);
    settleSmall(own);
    if (own.score.unplaced > 0) fillings(own);
    return own.best;
  };
  leaveOut(
    instance,
    wanted - search.score.unplaced,
    solve,
    () => search.within(1),
    (filled) => search.offer(filled),
  );
}

/**
 * A first answer at once, for the eye: what greedy orders come to.
 *
 * @example
 * firstLanes(problem).lanes.map(({ stock, cuts, remnant_mm }) => [stock, cuts, remnant_mm]) // [['x', ['a'], 1100]]
 */
export function firstLanes(problem: LanesProblem): LanesPlan {
  const search = new Search(instanceOf(problem), { seconds: 0, now: () => 0 });
  if (search.instance.wants.length > 0) begin(search);
  return search.plan();
}

/** A solve begun: what is settled without a linear solver, and the rest of the way. */
interface Begun {
  /** Whether it is proved that the plan is the best in everything. */
  readonly proved: boolean;
  readonly plan: () => LanesPlan;
  /** Goes on, with a linear solver where there is one, until time is up or nothing is left to gain. */
  readonly finish: (makeModel?: MakeModel) => LanesPlan;
}

/**
 * Begins to solve: first answers, and small problems for good.
 *
 * @example
 * beginLanes(problem, { seconds: 1, now: () => 0 }).plan().unplaced // []
 */
export function beginLanes(problem: LanesProblem, options: Omit<LanesOptions, 'makeModel'>): Begun {
  const instance = instanceOf(problem);
  const search = new Search(instance, options);
  if (instance.wants.length > 0) {
    begin(search);
    settleSmall(search);
  }
  return {
    proved: instance.wants.length === 0 || search.isDone,
    plan: search.plan,
    finish(makeModel) {
      if (instance.wants.length === 0 || search.isDone) return search.plan();
      fillings(search);
      if (makeModel && withinReach(instance)) {
        if (!search.freshIsLeast) openLeast(search, makeModel);
        mend(search, 0.7);
        if (!search.isDone) scrapLeast(search, makeModel);
      }
      mend(search, 0.95);
      if (search.score.unplaced > 0) leaveSomeOut(search);
      return search.plan();
    },
  };
}

/**
 * Lays the cuts of one cord and colour out on the stock there is. In this order: every cut placed; least total length of fresh
 * stock opened; least scrap; fewest pieces touched. One-dimensional cutting stock with usable leftovers: greedy plans first; small
 * problems are settled by every choice of pieces; the others by column generation over cutting patterns, a dive and a whole-number
 * solve, once for fresh stock and once for scrap.
 *
 * @param problem lengths in mm
 * @returns the best plan found in the time, with a proven lower bound on the fresh stock
 *
 * @example
 * solveLanes(problem, { seconds: 1, now: () => 0 }).scrap_mm // 0
 */
export const solveLanes = (problem: LanesProblem, options: LanesOptions): LanesPlan =>
  beginLanes(problem, options).finish(options.makeModel);
