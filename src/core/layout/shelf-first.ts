import { firstLanes, type LanesPlan, type LanesProblem } from '../lanes';
import type { Figures } from '../studio';
import type { BagCut } from './bag-cut';
import { lanesFrom } from './lanes-from';
import { lanesProblem, withLocked, type CuttableLot } from './lanes-problem';
import { TO_BUY, type LayoutLane } from './layout';

/** One cord of a session, to be laid out. */
export interface CordToLay {
  readonly cuts: readonly BagCut[];
  readonly lots: readonly CuttableLot[];
  readonly figures: Figures;
  /** How long a pack to buy is, mm; null where nobody says. */
  readonly pack: number | null;
  /** The lanes before; what is locked in them stays where it is. */
  readonly before?: readonly LayoutLane[];
}

/** How a cord is laid out. */
export interface CordLaid {
  readonly lanes: readonly LayoutLane[];
  readonly unplaced: readonly string[];
  readonly bound_mm: number;
}

/** Solves a problem, telling each better plan as it is found. */
export type Solve = (problem: LanesProblem, onBetter: (plan: LanesPlan) => void) => Promise<LanesPlan>;

/**
 * Lays one cord out: on what the shelf has; only where that cannot cover it, or a locked cut is on a pack already, with packs to buy.
 *
 * @param onBetter told each better answer
 * @param stopped whether the person stopped it meanwhile: then the first answer with packs will do
 *
 * @example
 * (await layShelfFirst({ cuts: [{ id: 'a', seat: 's', bag: 1, label: 'Ada', mm: 900 }], lots: [], figures, pack: 30_000 }, async (p) => firstLanes(p))).lanes.map(({ stock }) => stock) // ['buy']
 */
export async function layShelfFirst(
  { cuts, lots, figures, pack, before = [] }: CordToLay,
  solve: Solve,
  onBetter: (laid: CordLaid) => void = () => undefined,
  stopped: () => boolean = () => false,
): Promise<CordLaid> {
  const problemWith = (packs: number | null) => withLocked(lanesProblem(cuts, lots, figures, packs), before);
  const laidWith = (packs: number | null, plan: LanesPlan): CordLaid => ({
    lanes: lanesFrom(plan, cuts, lots, packs, before),
    unplaced: plan.unplaced,
    bound_mm: plan.fresh_bound_mm,
  });
  const run = async (packs: number | null): Promise<CordLaid> => {
    // What was on its way when the answer was taken comes too late: it is of a question that is not asked any more.
    let answered = false;
    const plan = await solve(problemWith(packs), (better) => {
      if (!answered) onBetter(laidWith(packs, better));
    });
    answered = true;
    return laidWith(packs, plan);
  };
  const bought = before.some((lane) => lane.stock === TO_BUY && lane.locked.length > 0);
  const found = await run(bought ? pack : null);
  if (found.unplaced.length === 0 || bought || pack === null) return found;
  return stopped() ? laidWith(pack, firstLanes(problemWith(pack))) : run(pack);
}
