import type { SeatPlan } from './plan-seat';

/** What a seat's bead shows: no wrist, an estimate, measured, or something to decide first. */
export type BeadState = 'hollow' | 'ringed' | 'solid' | 'notched';

/**
 * A seat's state, from its plan. A missing project or an error to put right is a decision; a missing wrist is not.
 *
 * @example
 * beadOf(plan) // 'solid'
 * beadOf({ ...plan, messages: [{ level: 'error', code: 'no-wrist', text: '', values: {} }] }) // 'hollow'
 */
export function beadOf(plan: SeatPlan): BeadState {
  const errors = plan.messages.filter((message) => message.level === 'error');
  if (errors.some((error) => error.code !== 'no-wrist')) return 'notched';
  if (errors.length > 0) return 'hollow';
  return plan.messages.some((message) => message.code === 'estimate') ? 'ringed' : 'solid';
}
