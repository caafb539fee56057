import { SHIPPED } from '../../../catalogue';
import { exampleSeat, planSeat, type Seat, type SeatPlan } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';

/** A seat with nothing special about it, changed as a test needs. */
export function seat(changes: Partial<Seat> = {}): Seat {
  return exampleSeat(SHIPPED.projects['band-buckle']!, { label: 'Test', size: { wrist: 168 }, age: 31, ...changes });
}

/** The seat planned with what ships. */
export const plan = (changes: Partial<Seat> = {}): SeatPlan => planSeat(seat(changes), SHIPPED, STARTING_FIGURES);

/** The length of the seat's only cut. */
export const cutOf = (changes: Partial<Seat> = {}): number => plan(changes).cut!.cuts[0]!.length_mm;

export const codes = (changes: Partial<Seat> = {}): string[] => plan(changes).messages.map((message) => message.code);
