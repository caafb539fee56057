import type { Transaction } from 'sequelize';
import { number, orNull, text, truth } from './database/columns';
import { returning, select, selectOne } from './database/query';

/** A seat as its link is checked: of which session, on which day, and which of its links still holds. */
export function findLinked(seat: string, t: Transaction) {
  return selectOne(
    {
      seat: text('s.id'),
      session: text('x.id'),
      held_on: text('x.held_on'),
      epoch: number('s.link_epoch'),
      gone: truth('x.deleted_at IS NOT NULL'),
      starts_at: orNull(text("to_char(x.starts_at, 'HH24:MI')")),
    },
    'FROM seats s JOIN sessions x ON x.id = s.session_id WHERE s.id = $1',
    [seat],
    t,
  );
}

/** The links of a session's seats: which of each still holds. */
export async function epochsOf(session: string, t: Transaction): Promise<Map<string, number>> {
  const rows = await select(
    { id: text(), epoch: number('link_epoch') },
    'FROM seats WHERE session_id = $1',
    [session],
    t,
  );
  return new Map(rows.map(({ id, epoch }) => [id, epoch]));
}

/** Makes every link of a seat that was given out invalid. Answers the epoch of the next, or null where there is no such seat. */
export async function raiseEpoch(session: string, seat: string, t: Transaction): Promise<number | null> {
  const rows = await returning(
    { epoch: number('link_epoch') },
    'UPDATE seats SET link_epoch = link_epoch + 1 WHERE id = $2 AND session_id = $1',
    [session, seat],
    t,
  );
  return rows[0]?.epoch ?? null;
}
