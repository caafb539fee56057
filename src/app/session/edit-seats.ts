import { isDeepStrictEqual } from 'node:util';
import type { Transaction } from 'sequelize';
import { notFound, Problem, stale } from '../../core/problem';
import { wristAfter } from '../../core/person';
import type { SeatChanges, SeatEdit, SeatRecord } from '../../core/seat';
import { joinPeople, lockPeople, noteWrists, seatsOfPerson, updatePerson, wristsOf } from '../../data/people';
import { deleteSeat, findSeat, seatsOf, updateSeat } from '../../data/seats';
import { inTransaction } from '../../data/database/transaction';
import { today } from '../studio/clock';
import { checkSlugs, measuredWrist, wristFields } from './seat-fields';
import { findStanding, lockStanding, viewSession } from './session';
import type { SessionView, Studio } from '../../core/session';
import { readStudio, withRevisions } from '../studio/studio';

const sameFields = (changes: SeatChanges, record: SeatRecord): boolean =>
  Object.entries(changes).every(([field, value]) => isDeepStrictEqual(record[field as keyof SeatRecord], value));

const touchesPerson = (changes: SeatChanges): boolean =>
  changes.name !== undefined || changes.age !== undefined || changes.avoid !== undefined;

/** What of a seat is as it was: everything but what an edit says. */
interface Before {
  readonly record: SeatRecord;
  readonly studio: Studio;
  readonly pointer: string;
}

/** Changes the person of a seat where a change is theirs. */
async function editItsPerson(
  { record }: Before,
  { person_version, changes: { name, age, avoid } }: SeatEdit,
  t: Transaction,
): Promise<void> {
  const own = {
    ...(name !== undefined && { name: name.trim() }),
    ...(age !== undefined && { age, age_on: age === null ? null : today() }),
    ...(avoid !== undefined && { avoid }),
  };
  if (!(await updatePerson(record.person_id, person_version, own, t))) throw stale('seat', record);
}

/**
 * Says that a seat is somebody known after all. Whoever was made for this seat alone becomes one with them; the seat takes their
 * last wrist where it has none.
 */
async function bindTo(to: string, { record, pointer }: Before, t: Transaction): Promise<Partial<SeatRecord>> {
  const [known] = (await lockPeople([to, record.person_id], t)).filter(({ id }) => id === to);
  if (!known)
    throw new Problem(422, 'unknown', 'There is no such person any more.', { pointer: `${pointer}/person_id` });
  const last = (await wristsOf([to], t)).get(to)?.[0];
  return record.wrist_mm === null && last
    ? { person_id: to, wrist_mm: last.mm, wrist_method: last.method, wrist_on: last.taken_on }
    : { person_id: to };
}

/** The revision of its project that a changed seat is planned with: newly chosen the newest, else the one it has. */
function revisionOf(changes: SeatChanges, { record, studio, pointer }: Before): number | null {
  const project = changes.project === undefined ? record.project : changes.project;
  if (project === null) return null;
  const asked = changes.project_revision ?? (changes.project === undefined ? record.project_revision : null);
  const newest = studio.catalogue.projects[project]!.revision;
  if (asked !== null && asked > newest)
    throw new Problem(422, 'unknown', `There is no revision ${asked} of this project; the newest is ${newest}.`, {
      pointer: `${pointer}/project_revision`,
    });
  return asked ?? newest;
}

/** Stores one edit, made to the versions it names; one that was stored although its answer was lost is no conflict. */
async function applyEdit(before: Before, edit: SeatEdit, t: Transaction): Promise<void> {
  const { record, studio, pointer } = before;
  const { version, person_version, changes } = edit;
  checkSlugs(changes, studio.catalogue, pointer);
  if (record.version !== version || record.person_version !== person_version) {
    if (sameFields(changes, record)) return;
    if (record.version !== version || touchesPerson(changes)) throw stale('seat', record);
  }
  if (touchesPerson(changes)) await editItsPerson(before, edit, t);
  const { name: _name, age: _age, avoid: _avoid, person_id, wrist_mm, wrist_method, ...rest } = changes;
  const bound = person_id && person_id !== record.person_id ? await bindTo(person_id, before, t) : {};
  const after = wristAfter({ wrist_mm, wrist_method }, record);
  const wrist = after && wristFields(after);
  if (wrist) await noteWrists(measuredWrist(bound.person_id ?? record.person_id, wrist), t);
  const stored = await updateSeat(
    record.id,
    version,
    { ...rest, project_revision: revisionOf(changes, before), ...bound, ...wrist },
    t,
  );
  if (!stored) throw stale('seat', record);
  if (bound.person_id && (await seatsOfPerson(record.person_id, t)) === 0)
    await joinPeople(record.person_id, bound.person_id, t);
}

/** An edited seat, and the studio with every revision that its session is planned with now. */
export interface EditedSeat {
  readonly seat: SeatRecord;
  readonly studio: Studio;
}

/** The seats of a session, each held with its person: sessions, people, seats, always in that order. */
async function heldSeats(session: string, wanted: readonly string[], t: Transaction): Promise<Map<string, SeatRecord>> {
  const people = (await seatsOf([session], t)).get(session)!.filter(({ id }) => wanted.includes(id));
  const held = await lockPeople(
    people.map(({ person_id }) => person_id),
    t,
  );
  const known = new Set(held.map(({ id }) => id));
  const now = (await seatsOf([session], t)).get(session)!;
  const erased = now.find(({ id, person_id }) => wanted.includes(id) && !known.has(person_id));
  if (erased) throw new Problem(410, 'forgotten', 'This person was forgotten: nothing is kept of them any more.');
  return new Map(now.map((record) => [record.id, record]));
}

/** Changes a seat, and the person where a change is theirs. An edit made to an older version is answered with what stands now. */
export function editSeat(id: string, edit: SeatEdit): Promise<EditedSeat> {
  return inTransaction(async (t) => {
    const found = await findSeat(id, t);
    if (!found) throw notFound('seat');
    await findStanding(found.session_id, t);
    const studio = await readStudio(t);
    const record = (await heldSeats(found.session_id, [id], t)).get(id);
    if (!record) throw notFound('seat');
    await applyEdit({ record, studio, pointer: '/changes' }, edit, t);
    const seats = (await seatsOf([found.session_id], t)).get(found.session_id)!;
    return { seat: seats.find((seat) => seat.id === id)!, studio: await withRevisions(studio, seats, t) };
  });
}

/** Several seats of one session changed together: all of them, or none. */
export function editSeats(
  session: string,
  edits: readonly (SeatEdit & { readonly id: string })[],
): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(session, t);
    const studio = await readStudio(t);
    const seats = await heldSeats(
      session,
      edits.map(({ id }) => id),
      t,
    );
    for (const [i, { id, ...edit }] of edits.entries()) {
      const record = seats.get(id);
      if (!record) throw notFound('seat');
      await applyEdit({ record, studio, pointer: `/edits/${i}/changes` }, edit, t);
    }
    return viewSession(session, t);
  });
}

/** Takes a seat as it was seen out of its session; the person and their wrists stay. One that is out already, its answer lost, is out. */
export function removeSeat(id: string, session: string, version: number): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(session, t);
    const seat = (await seatsOf([session], t)).get(session)!.find((one) => one.id === id);
    if (seat && seat.version !== version) throw stale('seat', seat);
    if (seat) await deleteSeat(id, t);
    return viewSession(session, t);
  });
}
