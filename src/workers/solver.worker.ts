import { expose } from 'comlink';
import load from 'highs';
import wasm from 'highs/runtime?url';
import { beginLanes, type LanesPlan, type LanesProblem } from '../core/lanes';
import { assignColours, type ColourWish, type Given, type Kept } from '../core/layout';
import { modelsOf } from '../solver/highs';

const highs = load({ locateFile: () => wasm });

const work = {
  /** Solves a problem, telling each better plan as it is found. To stop it, end the worker: the best told so far stands. */
  async lanes(problem: LanesProblem, seconds: number, onBetter: (plan: LanesPlan) => void): Promise<LanesPlan> {
    // What is settled without the solver is not kept waiting for it.
    const begun = beginLanes(problem, {
      seconds,
      now: () => performance.now(),
      onBetter: (plan) => void onBetter(plan),
    });
    return begun.proved ? begun.plan() : begun.finish(modelsOf(await highs));
  },
  /** Gives seats their colours. */
  async colours(
    wishing: readonly ColourWish[],
    keeping: readonly Kept[],
    pieces: Readonly<Record<string, readonly number[]>>,
  ): Promise<Given[]> {
    return assignColours(wishing, keeping, pieces, modelsOf(await highs));
  },
};

export type SolverWorker = typeof work;
expose(work);
