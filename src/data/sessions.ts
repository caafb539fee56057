import { Op, type Transaction } from 'sequelize';
import type { CutRecord, Kits, SessionRecord, Wrap } from '../core/session';
import type { Layout } from '../core/layout';
import { number, orNull, text, truth, type RowOf } from './database/columns';
import { database } from './database/connection';
import { SessionRow } from './database/models';
import { run, select, selectValue } from './database/query';

/** A session with what only its own pages need. */
export interface StoredSession extends SessionRecord {
  readonly cut_done: CutRecord | null;
  readonly lanes: Layout | null;
  readonly kits: Kits | null;
  readonly wrap: Wrap | null;
  readonly deleted: boolean;
  /** When somebody last took note of what its lengths rest on. */
  readonly noted_at: Date;
}

const plain = (row: SessionRow): StoredSession => ({
  id: row.id,
  title: row.title,
  held_on: row.held_on,
  starts_at: row.starts_at?.slice(0, 5) ?? null,
  minutes: row.minutes,
  place: row.place,
  school: row.school,
  leader: row.leader,
  room: row.room,
  version: row.version,
  cut_done: row.cut_done,
  lanes: row.lanes,
  kits: row.kits,
  wrap: row.wrap,
  deleted: row.deleted_at !== null,
  noted_at: row.noted_at,
});

export async function findSession(id: string, t: Transaction): Promise<StoredSession | null> {
  const row = await SessionRow.findByPk(id, { transaction: t });
  return row && plain(row);
}

/** The same, holding the row, so that no two seats are given one place. */
export async function lockSession(id: string, t: Transaction): Promise<StoredSession | null> {
  const row = await SessionRow.findByPk(id, { transaction: t, lock: t.LOCK.UPDATE });
  return row && plain(row);
}

/** Inserts a session; one with the same id is left as it is. */
export async function insertSession(session: Omit<SessionRecord, 'version'>, t: Transaction): Promise<void> {
  await SessionRow.bulkCreate([session], { transaction: t, ignoreDuplicates: true });
}

/** Changes a session if it still has this version; null when it has not. */
export async function updateSession(
  id: string,
  version: number,
  changes: Partial<
    Omit<SessionRecord, 'id' | 'version'> & {
      cut_done: CutRecord | null;
      lanes: Layout | null;
      kits: Kits | null;
      wrap: Wrap | null;
      deleted_at: Date | null;
      noted_at: Date;
    }
  >,
  t: Transaction,
): Promise<StoredSession | null> {
  const [, rows] = await SessionRow.update(
    { ...changes, version: version + 1 },
    { where: { id, version }, transaction: t, returning: true },
  );
  return rows[0] ? plain(rows[0]) : null;
}

/** Marks until when a session's lengths were taken note of; never back. */
export const noteSession = (id: string, at: Date, t: Transaction): Promise<void> =>
  run('UPDATE sessions SET noted_at = greatest(noted_at, least($2::timestamptz, now())) WHERE id = $1', [id, at], t);

/** Moves the seats that are planned with one revision of a project to another, in sessions that are not cut. */
export const moveSeats = (project: string, from: number, to: number, t: Transaction): Promise<void> =>
  run(
    `UPDATE seats SET project_revision = $3, version = seats.version + 1 FROM sessions
      WHERE sessions.id = session_id AND cut_done IS NULL AND project = $1 AND project_revision = $2`,
    [project, from, to],
    t,
  );

/**
 * Plans seats whose revision of a project was never kept, as in studios from before revisions were, with the newest; a seat whose
 * project does not exist has none.
 */
export const settleRevisions = (t: Transaction): Promise<void> =>
  run(
    `UPDATE seats SET project_revision = own.revision, project = own.slug, version = seats.version + 1
       FROM seats AS lost LEFT JOIN (SELECT slug, max(revision) AS revision FROM projects GROUP BY slug) AS own
              ON own.slug = lost.project
      WHERE seats.id = lost.id AND lost.project IS NOT NULL
        AND NOT EXISTS (SELECT 1 FROM projects p WHERE p.slug = lost.project AND p.revision = lost.project_revision)`,
    [],
    t,
  );

const LINE = {
  id: text(),
  title: text(),
  held_on: text(),
  starts_at: orNull(text("to_char(starts_at, 'HH24:MI')")),
  minutes: orNull(number()),
  place: text(),
  version: number(),
  cut: truth('cut_done IS NOT NULL'),
  seats: number('(SELECT count(*)::int FROM seats WHERE session_id = sessions.id)'),
};
/** A line of the list of sessions. */
export type SessionLine = RowOf<typeof LINE>;

/** Standing sessions whose name or place has such a part, whatever its case; all of them for an empty one. */
const FOUND = "deleted_at IS NULL AND strpos(lower(title || ' ' || place), lower($1)) > 0";

/** Sessions that are not deleted, newest first, with their number of seats. */
export const listSessions = (limit: number, offset: number, t: Transaction, find = ''): Promise<SessionLine[]> =>
  select(
    LINE,
    `FROM sessions WHERE ${FOUND} ORDER BY sessions.held_on DESC, sessions.starts_at DESC NULLS LAST, id LIMIT $2 OFFSET $3`,
    [find, limit, offset],
    t,
  );

export async function countSessions(t: Transaction, find = ''): Promise<number> {
  return (await selectValue({ count: number('count(*)::int') }, `FROM sessions WHERE ${FOUND}`, [find], t)).count;
}

/** Sessions other than these, deleted ones too. */
export async function countSessionsBut(ids: readonly string[], t: Transaction): Promise<number> {
  return SessionRow.count({ where: { id: { [Op.notIn]: [...ids] } }, transaction: t });
}

/** Sessions from a day on, soonest first. */
export async function sessionsFrom(day: string, limit: number, t: Transaction): Promise<StoredSession[]> {
  const rows = await database().query(
    'SELECT * FROM sessions WHERE deleted_at IS NULL AND held_on >= $1 ORDER BY held_on, starts_at NULLS FIRST, id LIMIT $2',
    { bind: [day, limit], model: SessionRow, mapToModel: true, transaction: t },
  );
  return rows.map(plain);
}

/** The sessions that somebody has a seat in, or that were cut for them, deleted ones too; in the order they are locked in. */
export async function sessionsOfPerson(person: string, t: Transaction): Promise<string[]> {
  const rows = await select(
    { id: text() },
    `FROM sessions WHERE id IN (SELECT session_id FROM seats WHERE person_id = $1)
        OR cut_done @> jsonb_build_object('seats', jsonb_build_array(jsonb_build_object('person', $1::text)))
      ORDER BY id`,
    [person],
    t,
  );
  return rows.map(({ id }) => id);
}
