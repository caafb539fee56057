import { proxy, wrap, type Remote } from 'comlink';
import { firstLanes, type LanesPlan, type LanesProblem } from '../core/lanes';
import type { ColourWish, Given, Kept } from '../core/layout';
import type { SolverWorker } from './solver.worker';

/** A worker of its own, what it says when it cannot go on, and its end. */
function startWorker(): { remote: Remote<SolverWorker>; failed: Promise<never>; end: () => void } {
  const worker = new Worker(new URL('./solver.worker', import.meta.url), { type: 'module' });
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'the solver could not be started'));
  });
  return { remote: wrap<SolverWorker>(worker), failed, end: () => worker.terminate() };
}

/** A solve under way. */
export interface Solving {
  /** The best plan at the end; what was best so far where it was stopped. */
  readonly done: Promise<LanesPlan>;
  readonly stop: () => void;
}

/** Solves a cutting problem in a worker of its own, so that the page goes on; several may run side by side. */
export function startSolving(problem: LanesProblem, seconds: number, onBetter: (plan: LanesPlan) => void): Solving {
  const { remote, failed, end } = startWorker();
  let best: LanesPlan = firstLanes(problem);
  onBetter(best);
  let stop = (): void => undefined;
  const stopped = new Promise<LanesPlan>((resolve) => {
    stop = () => resolve(best);
  });
  const told = (plan: LanesPlan): void => {
    best = plan;
    onBetter(plan);
  };
  const done = Promise.race([remote.lanes(problem, seconds, proxy(told)), stopped, failed]).finally(end);
  return { done, stop };
}

/** Gives seats the colours they wish for, in a worker. */
export function assignInWorker(
  wishing: readonly ColourWish[],
  keeping: readonly Kept[],
  pieces: Readonly<Record<string, readonly number[]>>,
): Promise<Given[]> {
  const { remote, failed, end } = startWorker();
  return Promise.race([remote.colours(wishing, keeping, pieces), failed]).finally(end);
}
