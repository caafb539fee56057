import { proxy, wrap } from 'comlink';
import type { LanesPlan, LanesProblem } from '../core/lanes';
import type { LanesWorker } from './lanes.worker';

/** A solve under way. */
export interface Solving {
  /** The best plan at the end; what was best so far where it was stopped; null where it was stopped before any. */
  readonly done: Promise<LanesPlan | null>;
  readonly stop: () => void;
}

/** Solves a cutting problem in a worker of its own, so that the page goes on; several may run side by side. */
export function startSolving(problem: LanesProblem, seconds: number, onBetter: (plan: LanesPlan) => void): Solving {
  const worker = new Worker(new URL('./lanes.worker.ts', import.meta.url), { type: 'module' });
  const solve = wrap<LanesWorker>(worker);
  let best: LanesPlan | null = null;
  let stop = (): void => undefined;
  const stopped = new Promise<LanesPlan | null>((resolve) => {
    stop = () => resolve(best);
  });
  const told = (plan: LanesPlan): void => {
    best = plan;
    onBetter(plan);
  };
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'the solver could not be started'));
  });
  const done = Promise.race([solve(problem, seconds, proxy(told)), stopped, failed]).finally(() => worker.terminate());
  return { done, stop };
}
