import type { Transaction } from 'sequelize';
import type { ProgressEntry, Said, What } from '../core/bench';
import { document, number, orNull, text } from './database/columns';
import { returning, run, select } from './database/query';

const ENTRY = {
  n: number(),
  key: text(),
  seat: orNull(text('seat_id')),
  what: text(),
  // A document's cell is never a bare number or text: it comes wrapped.
  value: document<{ is: ProgressEntry['value'] }>("jsonb_build_object('is', value)"),
  at: text(`to_char(at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`),
  by: text('device'),
};

/** A row as an entry: the words of what was said were checked when it was. */
const entryOf = ({
  value,
  what,
  ...row
}: Omit<ProgressEntry, 'value' | 'what'> & { what: string; value: { is: ProgressEntry['value'] } }): ProgressEntry => ({
  ...row,
  what: what as What,
  value: value.is,
});

/** All that was said at a session's bench after the n-th, in order. */
export async function progressAfter(session: string, n: number, t: Transaction): Promise<ProgressEntry[]> {
  const rows = await select(
    ENTRY,
    'FROM seat_progress WHERE session_id = $1 AND n > $2 ORDER BY seat_progress.n',
    [session, n],
    t,
  );
  return rows.map(entryOf);
}

/** All that was said at some sessions' benches, by session. */
export async function progressOf(sessions: readonly string[], t: Transaction): Promise<Map<string, ProgressEntry[]>> {
  const rows = await select(
    { session: text('session_id'), ...ENTRY },
    'FROM seat_progress WHERE session_id = ANY($1::uuid[]) ORDER BY session_id, seat_progress.n',
    [[...sessions]],
    t,
  );
  const found = new Map<string, ProgressEntry[]>(sessions.map((id) => [id, []]));
  for (const { session, ...row } of rows) found.get(session)!.push(entryOf(row));
  return found;
}

/** What was said of one seat. */
export async function progressOfSeat(seat: string, t: Transaction): Promise<ProgressEntry[]> {
  const rows = await select(
    ENTRY,
    `FROM seat_progress WHERE seat_id = $1
        OR (seat_id IS NULL AND session_id = (SELECT session_id FROM seats WHERE id = $1)) ORDER BY seat_progress.n`,
    [seat],
    t,
  );
  return rows.map(entryOf);
}

/** Holds other writers of a session's bench until the end of the transaction: entries are numbered one after another. */
export const lockBench = (session: string, t: Transaction): Promise<void> =>
  run("SELECT pg_advisory_xact_lock(hashtextextended('bench ' || $1::text, 0))", [session], t);

/**
 * Adds entries, numbered in order; the caller holds `lockBench`. What is there already by its key is left as it is. Answers what was
 * added. A device's entries of one seat keep the order in which they were said, however long each was on its way.
 */
export async function addProgress(
  session: string,
  said: readonly (Omit<Said, 'ago_ms'> & { at: Date })[],
  by: string,
  t: Transaction,
): Promise<ProgressEntry[]> {
  const rows = await returning(
    ENTRY,
    `INSERT INTO seat_progress (session_id, n, key, seat_id, what, value, at, device)
      SELECT $1::uuid, last.n + row_number() OVER (ORDER BY said.place), said.key, said.seat, said.what,
             said.value, greatest(said.at, before.at), $3
        FROM jsonb_to_recordset($2::jsonb) AS said(place int, key uuid, seat uuid, what text, value jsonb, at timestamptz),
             (SELECT coalesce(max(n), 0) AS n FROM seat_progress WHERE session_id = $1::uuid) AS last,
             LATERAL (SELECT max(latest.at) AS at FROM (
               SELECT own.at FROM seat_progress AS own
                WHERE own.session_id = $1::uuid AND own.device = $3 AND own.seat_id IS NOT DISTINCT FROM said.seat
                ORDER BY own.n DESC LIMIT 1) AS latest) AS before
       WHERE NOT EXISTS (SELECT 1 FROM seat_progress AS known WHERE known.key = said.key)
      ON CONFLICT (key) DO NOTHING`,
    [session, JSON.stringify(said.map((one, place) => ({ ...one, place }))), by],
    t,
  );
  return rows.map(entryOf);
}
