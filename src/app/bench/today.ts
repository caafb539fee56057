import { sessionsFrom } from '../../data/sessions';
import { inTransaction } from '../../data/database/transaction';
import { dayIn } from '../studio/clock';
import { readStudio } from '../studio/studio';

/** The sessions of a day are fewer than this. */
const MOST = 40;

/** Today's sessions, in the studio's time zone: what a tablet of the room may choose from. */
export function sessionsToday(): Promise<{ id: string; title: string; starts_at: string | null }[]> {
  return inTransaction(async (t) => {
    const day = dayIn((await readStudio(t)).settings.time_zone);
    const found = await sessionsFrom(day, MOST, t);
    return found.filter(({ held_on }) => held_on === day).map(({ id, title, starts_at }) => ({ id, title, starts_at }));
  });
}
