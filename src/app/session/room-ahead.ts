import type { RoomTimes } from '../../core/room';
import { planSession, roomOf, type SessionView } from '../../core/session';
import { keptOf } from '../kept';

/** A page waits no longer for its room than this, ms: the browser reckons it then. */
const PATIENCE = 700;

/** What probably becomes of a session's room, so that the page comes with it; null where it takes too long just now. */
export async function roomAhead(view: SessionView): Promise<RoomTimes | null> {
  const { seats, figures } = planSession(view);
  const room = roomOf(view.session, seats, figures);
  if (!room) return null;
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<null>((resolve) => {
    timer = setTimeout(() => resolve(null), PATIENCE);
  });
  const times = keptOf('room', room).catch((error: unknown) => {
    console.error('A room was not reckoned ahead of its page:', error);
    return null;
  });
  return Promise.race([times, late]).finally(() => clearTimeout(timer));
}
