import type { SeatChanges } from '../../core/session';

/** What a line of a list says of a seat. Missing is null; nothing is guessed. */
export type RosterSeat = Required<
  Pick<
    SeatChanges,
    'name' | 'age' | 'avoid' | 'skill' | 'wrist_mm' | 'wrist_method' | 'hand_mm' | 'project' | 'options' | 'note'
  >
>;

/** Something in a line that could not be read as it stands. */
export interface RosterFault {
  readonly field: 'name' | 'wrist' | 'hand' | 'age' | 'rest';
  readonly text: string;
  readonly problem: string;
  /** Lengths, mm, to choose from where the text gives two. */
  readonly choices?: readonly number[];
}

/** One line of a pasted list, as read. */
export interface RosterLine {
  readonly line: number;
  readonly text: string;
  readonly seat: RosterSeat;
  readonly faults: readonly RosterFault[];
}

/** A project a list may name. */
export interface RosterProject {
  readonly slug: string;
  readonly name: string;
  readonly kind: 'bracelet' | 'keychain';
}
