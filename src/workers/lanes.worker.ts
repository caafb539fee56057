import { expose } from 'comlink';
import load from 'highs';
import wasm from 'highs/runtime?url';
import { solveLanes, type LanesPlan, type LanesProblem } from '../core/lanes';
import { modelsOf } from '../solver/highs';

const highs = load({ locateFile: () => wasm });

/** Solves a problem, telling each better plan as it is found. To stop it, end the worker: the best told so far stands. */
async function solve(problem: LanesProblem, seconds: number, onBetter: (plan: LanesPlan) => void): Promise<LanesPlan> {
  const makeModel = modelsOf(await highs);
  return solveLanes(problem, {
    seconds,
    now: () => performance.now(),
    makeModel,
    onBetter: (plan) => void onBetter(plan),
  });
}

export type LanesWorker = typeof solve;
expose(solve);
