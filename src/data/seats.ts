import type { Transaction } from 'sequelize';
import { WRIST_METHODS } from '../core/person';
import type { SeatRecord } from '../core/seat';
import { ageOn, AVOIDS, EASES, SCHOOLS, SKILLS } from '../core/studio';
import { document, listOf, number, orNull, text, truth, word } from './database/columns';
import { SeatRow } from './database/models';
import { select } from './database/query';

/** A seat with its person, and what their age as on the session's day follows from. */
const SEAT = {
  session_id: text('s.session_id'),
  id: text('s.id'),
  person_id: text('s.person_id'),
  position: number('s.position'),
  name: text('p.name'),
  age: orNull(number('p.age')),
  age_on: orNull(text('p.age_on')),
  held_on: text('x.held_on'),
  avoid: listOf(word(AVOIDS, 'p.avoid')),
  skill: orNull(word(SKILLS, 's.skill')),
  wrist_mm: orNull(number('s.wrist_mm')),
  wrist_method: orNull(word(WRIST_METHODS, 's.wrist_method')),
  wrist_on: orNull(text('s.wrist_on')),
  hand_mm: orNull(number('s.hand_mm')),
  ease: word(EASES, 's.ease'),
  project: orNull(text('s.project')),
  project_revision: orNull(number('s.project_revision')),
  band_mm: orNull(number('s.band_mm')),
  options: document<SeatRecord['options']>('s.options'),
  cords: document<SeatRecord['cords']>('s.cords'),
  school: orNull(word(SCHOOLS, 's.school')),
  accepted: truth('s.accepted'),
  wishes: listOf(text('s.wishes')),
  made: orNull(document<NonNullable<SeatRecord['made']>>('s.made')),
  note: text('s.note'),
  version: number('s.version'),
  person_version: number('p.version'),
};

/** Seats of some sessions with their people, in order; ages as on the session's day. */
export async function seatsOf(sessions: readonly string[], t: Transaction): Promise<Map<string, SeatRecord[]>> {
  const rows = await select(
    SEAT,
    `FROM seats s JOIN people p ON p.id = s.person_id JOIN sessions x ON x.id = s.session_id
      WHERE s.session_id = ANY($1::uuid[]) ORDER BY s.session_id, s.position, s.id`,
    [[...sessions]],
    t,
  );
  const bySession = new Map<string, SeatRecord[]>(sessions.map((id) => [id, []]));
  for (const { session_id, age_on, held_on, ...seat } of rows) {
    const age = seat.age !== null && age_on !== null ? ageOn(seat.age, age_on, held_on) : null;
    bySession.get(session_id)!.push({ ...seat, age });
  }
  return bySession;
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
