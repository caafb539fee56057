import { NOT_BEGUN, type BenchSummary } from '../../bench';
import type { CutDone } from '../../seat';
import type { Values } from '../../studio';
import type { Kits } from '../kits';
import { UNWRAPPED, type NotedSeats, type Wrap } from '../wrap';
import { bench } from './bench';
import { cut } from './cut';
import { fit } from './fit';
import { kit } from './kit';
import { seats } from './seats';
import type { StageSeat } from './stage';
import { wrapUp } from './wrap-up';

/** The stages that Lapboard takes a session through, in order. */
export const STAGES = [seats, fit, cut, kit, bench, wrapUp] as const;
export type Stage = (typeof STAGES)[number]['slug'];

/** A stage's knot: tied when the data says its work is done, else why not. The first untied one is the open loop. */
export interface StageState {
  readonly stage: Stage;
  readonly name: string;
  readonly state: 'tied' | 'open' | 'bare';
  /** One line: what is done, or what keeps the knot from being tied. */
  readonly line: string;
  /** Which line it is, and what it speaks of. */
  readonly code: string;
  readonly values: Values;
}

/**
 * The session's knots: each tied because the data says so.
 *
 * @example
 * stagesOf(planSession(view).seats, null).map(({ stage, state }) => [stage, state]) // [['seats', 'tied'], ['fit', 'tied'], ['cut', 'open'], ['kit', 'bare'], ['bench', 'bare'], ['wrap-up', 'bare']]
 */
export function stagesOf(
  seated: readonly StageSeat[],
  cutDone: readonly CutDone[] | null,
  kits: Kits | null = null,
  atBench: BenchSummary = NOT_BEGUN,
  wrap: Wrap | null = null,
  noted: NotedSeats = {},
): StageState[] {
  const progress = { seats: seated, cutDone, kits, bench: atBench, wrap: wrap ?? UNWRAPPED, noted };
  const judged = STAGES.map((stage) => ({ stage, ...stage.judge(progress) }));
  const present = judged.find(({ done }) => !done)?.stage;
  return judged.map(({ stage, done, line, code, values = {} }) => ({
    stage: stage.slug,
    name: stage.name,
    state: done ? 'tied' : stage === present ? 'open' : 'bare',
    line,
    code,
    values,
  }));
}
