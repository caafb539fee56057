import type { Group } from '../cut';
import type { Room, RoomTimes } from '../room';
import type { PlannedSeat } from '../seat';
import type { Operation, SessionView } from '../session';
import type { Figures, Values } from '../studio';

/** What a remedy takes; what it does not say it does not take. */
export interface Cost {
  /** Cord more than before, mm; less where it is below 0. */
  readonly cord_mm?: number;
  /** Minutes of a fluent maker before the session. */
  readonly preparing?: number;
  readonly adults?: number;
  /** Minutes of the room. */
  readonly minutes?: number;
  /** Hundredths of the studio's currency, where it has said what such things cost. */
  readonly money?: number;
  /** People who come before the room does. */
  readonly early?: number;
}

/**
 * Something that could be done, and what would be stored of it. `slug` says which it is and `values` what it speaks of, so that it can
 * be said in other words than `what`.
 */
export interface Candidate {
  readonly slug: string;
  readonly what: string;
  readonly values: Values;
  readonly cost: Cost;
  readonly operation: Operation;
}

/** A room that will not finish, as the remedies see it. */
export interface Case {
  readonly view: SessionView;
  readonly seats: readonly PlannedSeat[];
  readonly figures: Figures;
  readonly group: Group;
  readonly room: Room;
  readonly times: RoomTimes;
  /** Whether the session is under way: what is done before one is of no use to it. */
  readonly begun: boolean;
  /** The seats that are not sure enough to finish, those that will finish least of all first. */
  readonly risk: readonly PlannedSeat[];
}

/** One way to help a room: nothing where it would not apply. A new one is a file beside adult.ts and a word in index.ts. */
export type RemedyFeature = (own: Case) => readonly Candidate[];

/** Whose seats they are, by name. */
export const labelsOf = (seats: readonly PlannedSeat[]): string[] => seats.map(({ plan }) => plan.label);

/** Several seats in words. */
export const seatsInWords = (seats: readonly PlannedSeat[]): string =>
  seats.length === 1 ? seats[0]!.plan.label : `${seats.length} seats`;
