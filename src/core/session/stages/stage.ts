import type { BenchSummary } from '../../bench';
import type { CutDone, SeatWithPlan } from '../../seat';
import type { Values } from '../../studio';
import type { Kits } from '../kits';
import type { NotedSeats, Wrap } from '../wrap';

/** A seat for the stages; `accepted` where an estimate was taken as good enough to cut from. */
export interface StageSeat extends SeatWithPlan {
  readonly accepted: boolean;
}

/** What the stages are judged by. */
export interface Progress {
  readonly seats: readonly StageSeat[];
  /** The lengths as they were cut; null while nothing is. */
  readonly cutDone: readonly CutDone[] | null;
  readonly kits: Kits | null;
  readonly bench: BenchSummary;
  readonly wrap: Wrap;
  readonly noted: NotedSeats;
}

/**
 * Whether a stage's work is done, in one line: what is done, or what keeps it from being. `code` says which line it is and `values`
 * what it speaks of.
 */
export interface Verdict {
  readonly done: boolean;
  readonly code: string;
  readonly values?: Values;
  readonly line: string;
}

/** Before anybody is seated. */
export const WAITS: Verdict = { done: false, code: 'waits', line: 'Waits for seats.' };

/** A stage of a session: its address, its name on the cord, and how its knot is judged. */
export interface StageFeature<Slug extends string = string> {
  readonly slug: Slug;
  readonly name: string;
  readonly judge: (progress: Progress) => Verdict;
}
