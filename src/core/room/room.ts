import type { Pace } from '../pace';
import type { Figures } from '../studio';

/** A seat in the room, as time goes by. */
export interface RoomSeat extends Pace {
  readonly id: string;
  readonly label: string;
  /** Minutes before the session that it begins, shown on its own; 0 for those who begin with the room. */
  readonly early: number;
  /** Whether its start is tied beforehand. */
  readonly tied: boolean;
}

/** A session's room. */
export interface Room {
  readonly seats: readonly RoomSeat[];
  /** From the session's start until the room closes. */
  readonly minutes: number;
  /** Adults at the flame, each with one at a time. */
  readonly servers: number;
  readonly figures: Figures;
}
