import type { RoomTimes } from '../../core/room';
import { planSession, roomOf, type SessionView } from '../../core/session';
import { inTime } from '../in-time';
import { keptOf } from '../kept';

/** What probably becomes of a session's room, so that its page comes with it; null where that takes too long just now. */
export async function roomAhead(view: SessionView): Promise<RoomTimes | null> {
  const { seats, figures } = planSession(view);
  const room = roomOf(view.session, seats, figures);
  return room && inTime(keptOf('room', room));
}
