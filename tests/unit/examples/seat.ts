import { SHIPPED } from '../../../catalogue';
import { planSeat, type Seat, type SeatPlan } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';

/** A seat with nothing special about it, changed as a test needs. */
export function seat(changes: Partial<Seat> = {}): Seat {
  return {
    label: 'Test',
    size: { wrist: 168 },
    estimated: false,
    hand: null,
    age: 31,
    skill: 'steady',
    ease: 'easy',
    avoid: [],
    project: 'band-buckle',
    options: {},
    cords: {},
    school: 'measured',
    ...changes,
  };
}

/** The seat planned with what ships. */
export const plan = (changes: Partial<Seat> = {}): SeatPlan => planSeat(seat(changes), SHIPPED, STARTING_FIGURES);

/** The length of the seat's only cut. */
export const cutOf = (changes: Partial<Seat> = {}): number => plan(changes).cut!.cuts[0]!.length_mm;

export const codes = (changes: Partial<Seat> = {}): string[] => plan(changes).messages.map((message) => message.code);
