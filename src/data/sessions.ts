import { Op, QueryTypes, type Transaction } from 'sequelize';
import { ageOn } from '../core/studio';
import type { CutRecord, Kits, SessionRecord } from '../core/session';
import type { Layout } from '../core/layout';
import type { SeatRecord } from '../core/seat';
import { database } from './connection';
import { SeatRow, SessionRow } from './models';
import { run, select } from './query';

/** A session with what only its own pages need. */
export interface StoredSession extends SessionRecord {
  readonly cut_done: CutRecord | null;
  readonly lanes: Layout | null;
  readonly kits: Kits | null;
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
  version: row.version,
  cut_done: row.cut_done,
  lanes: row.lanes,
  kits: row.kits,
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

/** A line of the list of sessions. */
export interface SessionLine {
  readonly id: string;
  readonly title: string;
  readonly held_on: string;
  readonly starts_at: string | null;
  readonly minutes: number | null;
  readonly place: string;
  readonly seats: number;
  readonly version: number;
  readonly cut: boolean;
}

/** Standing sessions whose name or place has such a part, whatever its case; all of them for an empty one. */
const FOUND = "deleted_at IS NULL AND strpos(lower(title || ' ' || place), lower($1)) > 0";

/** Sessions that are not deleted, newest first, with their number of seats. */
export function listSessions(limit: number, offset: number, t: Transaction, find = ''): Promise<SessionLine[]> {
  return database().query<SessionLine>(
    `SELECT s.id, s.title, s.held_on, to_char(s.starts_at, 'HH24:MI') AS starts_at, s.minutes, s.place, s.version, s.cut_done IS NOT NULL AS cut,
            (SELECT count(*)::int FROM seats WHERE session_id = s.id) AS seats
       FROM sessions s WHERE ${FOUND} ORDER BY s.held_on DESC, s.starts_at DESC NULLS LAST, s.id LIMIT $2 OFFSET $3`,
    { bind: [find, limit, offset], type: QueryTypes.SELECT, transaction: t },
  );
}

export async function countSessions(t: Transaction, find = ''): Promise<number> {
  const [row] = await database().query<{ count: number }>(`SELECT count(*)::int FROM sessions WHERE ${FOUND}`, {
    bind: [find],
    type: QueryTypes.SELECT,
    transaction: t,
  });
  return row!.count;
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

type SeatQueryRow = Omit<SeatRecord, 'age'> & {
  session_id: string;
  age: number | null;
  age_on: string | null;
  held_on: string;
};

/** Seats of some sessions with their people, in order; ages as on the session's day. */
export async function seatsOf(sessions: readonly string[], t: Transaction): Promise<Map<string, SeatRecord[]>> {
  const rows = await database().query<SeatQueryRow>(
    `SELECT s.*, p.name, p.age, p.age_on, p.avoid, p.version AS person_version, x.held_on
       FROM seats s JOIN people p ON p.id = s.person_id JOIN sessions x ON x.id = s.session_id
      WHERE s.session_id = ANY($1::uuid[]) ORDER BY s.session_id, s.position, s.id`,
    { bind: [[...sessions]], type: QueryTypes.SELECT, transaction: t },
  );
  const bySession = new Map<string, SeatRecord[]>(sessions.map((id) => [id, []]));
  for (const { session_id, age_on, held_on, ...seat } of rows) {
    const age = seat.age !== null && age_on !== null ? ageOn(seat.age, age_on, held_on) : null;
    bySession.get(session_id)!.push({ ...seat, age });
  }
  return bySession;
}

/** The sessions that somebody has a seat in, or that were cut for them, deleted ones too; in the order they are locked in. */
export async function sessionsOfPerson(person: string, t: Transaction): Promise<string[]> {
  const rows = await select<{ id: string }>(
    `SELECT id FROM sessions WHERE id IN (SELECT session_id FROM seats WHERE person_id = $1)
        OR cut_done @> jsonb_build_object('seats', jsonb_build_array(jsonb_build_object('person', $1::text)))
      ORDER BY id`,
    [person],
    t,
  );
  return rows.map(({ id }) => id);
}

/** The session and person of a seat, or null when there is no such seat. */
export async function findSeat(
  id: string,
  t: Transaction,
): Promise<{ session_id: string; person_id: string; version: number } | null> {
  return SeatRow.findByPk(id, { transaction: t, raw: true });
}

export async function lastPosition(session: string, t: Transaction): Promise<number> {
  return (
    (await SeatRow.max<number | null, SeatRow>('position', { where: { session_id: session }, transaction: t })) ?? -1
  );
}

export type SeatInsert = Omit<SeatRecord, 'name' | 'age' | 'avoid' | 'version' | 'person_version'> & {
  session_id: string;
};

/** Inserts seats; those whose id is already there are left as they are. */
export async function insertSeats(seats: readonly SeatInsert[], t: Transaction): Promise<void> {
  await SeatRow.bulkCreate(seats, { transaction: t, ignoreDuplicates: true });
}

/** Changes a seat if it still has this version; false when it has not. */
export async function updateSeat(
  id: string,
  version: number,
  changes: Partial<SeatInsert>,
  t: Transaction,
): Promise<boolean> {
  const [count] = await SeatRow.update(
    { ...changes, version: version + 1 },
    { where: { id, version }, transaction: t },
  );
  return count === 1;
}

export async function deleteSeat(id: string, t: Transaction): Promise<boolean> {
  return (await SeatRow.destroy({ where: { id }, transaction: t })) === 1;
}
