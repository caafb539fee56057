import type { Room } from '../room';
import type { PlannedSeat } from '../seat';
import type { Figures } from '../studio';
import type { SessionRecord } from './session-record';

/**
 * A session's room as time will pass in it: its seats that can be planned, those arranged to begin early or tied beforehand so. Null where
 * it is not said how long the session is, or no seat can be planned.
 *
 * @example
 * roomOf({ ...view.session, minutes: 90 }, planSession(view).seats, figures).seats.map(({ label }) => label) // ['Ada', 'Bo']
 */
export function roomOf(session: SessionRecord, seats: readonly PlannedSeat[], figures: Figures): Room | null {
  const { minutes, room } = session;
  const planned = seats.flatMap(({ id, plan }) => {
    const { pace, label } = plan;
    if (!pace) return [];
    const early = room.early.includes(id) ? figures.early_minutes : 0;
    return [{ ...pace, id, label, early, tied: room.tied.includes(id) }];
  });
  return minutes === null || planned.length === 0 ? null : { seats: planned, minutes, servers: room.adults, figures };
}
