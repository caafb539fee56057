import type { SeatPlan } from './plan-seat';
import type { SeatRecord } from './seat-record';

/** A seat by its id, with its plan. */
export interface SeatWithPlan {
  readonly id: string;
  readonly plan: SeatPlan;
}

/** A seat of a session: as it is stored, and as it is planned. */
export interface PlannedSeat extends SeatWithPlan {
  readonly record: SeatRecord;
  /** Whether an estimate was accepted as good enough to cut from. */
  readonly accepted: boolean;
  /** Whether the plan is the one it was cut by. */
  readonly kept: boolean;
}
