import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { NewSeat, SeatChanges, SeatEdit, SeatRecord } from '../core/session';
import type { Catalogue } from '../core/project';
import { insertPeople, noteWrists, peopleNamed, updatePerson, wristsOf, type Person, type Wrist } from '../data/people';
import {
  deleteSeat,
  findSeat,
  insertSeats,
  lastPosition,
  seatsOf,
  updateSeat,
  type SeatInsert,
} from '../data/sessions';
import { inTransaction } from '../data/transaction';
import { notFound, Problem, stale } from '../core/problem';
import { today } from './clock';
import { findStanding, lockStanding, viewSession, type SessionView } from './session';
import { readStudio } from './studio';

/** A session holds at most this many seats: past it, a list is a mistake or several sessions. */
export const MOST_SEATS = 500;

/** Slugs that a seat names must be in the catalogue. */
function checkSlugs(changes: SeatChanges, catalogue: Catalogue, pointer: string): void {
  const faulty = (field: string, slug: string, table: object): Problem =>
    new Problem(422, 'unknown', `“${slug}” is not in the catalogue; there are: ${Object.keys(table).join(', ')}.`, {
      pointer: `${pointer}/${field}`,
    });
  const { project, options, cords } = changes;
  if (project && !Object.hasOwn(catalogue.projects, project)) throw faulty('project', project, catalogue.projects);
  if (options?.hardware && !Object.hasOwn(catalogue.hardware, options.hardware))
    throw faulty('options/hardware', options.hardware, catalogue.hardware);
  for (const [role, choice] of Object.entries(cords ?? {})) {
    if (!choice) continue;
    const cord = catalogue.cords[choice.cord];
    if (!cord) throw faulty(`cords/${role}/cord`, choice.cord, catalogue.cords);
    const colour = choice.colours?.find((slug) => !cord.colours.some((c) => c.slug === slug));
    if (colour)
      throw new Problem(422, 'unknown', `${cord.name} has no colour “${colour}”.`, {
        pointer: `${pointer}/cords/${role}/colours`,
      });
  }
}

/** The wrist of a new or changed seat: its method and day belong to it. */
function wristFields(
  mm: number | null,
  method: SeatRecord['wrist_method'] | undefined,
): Pick<SeatInsert, 'wrist_mm' | 'wrist_method' | 'wrist_on'> {
  return mm === null
    ? { wrist_mm: null, wrist_method: null, wrist_on: null }
    : { wrist_mm: mm, wrist_method: method ?? 'tape', wrist_on: today() };
}

/** A wrist as a person's history keeps it; an estimate is none. */
function measuredWrist(person: string, wrist: ReturnType<typeof wristFields>): (Wrist & { person: string })[] {
  const { wrist_mm: mm, wrist_method: method, wrist_on: taken_on } = wrist;
  const measured = mm !== null && method !== null && method !== 'estimate' && taken_on !== null;
  return measured ? [{ person, mm, method, taken_on }] : [];
}

/**
 * Adds seats to a session. A name that is known, and not yet seated here, is the same person, with the last wrist and what
 * is known of them; else somebody new. Seats already there by id are left, so that sending twice adds once.
 */
export function addSeats(session: string, given: readonly NewSeat[]): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(session, t);
    const { catalogue } = await readStudio(t);
    for (const [i, seat] of given.entries()) checkSlugs(seat, catalogue, `/seats/${i}`);
    const seated = (await seatsOf([session], t)).get(session)!;
    const fresh = given.filter((seat) => !seated.some((other) => other.id === seat.id));
    if (seated.length + fresh.length > MOST_SEATS) {
      throw new Problem(
        422,
        'too-many',
        `A session holds at most ${MOST_SEATS} seats; this would make ${seated.length + fresh.length}. Split the list into several sessions.`,
      );
    }

    const known = await peopleNamed(
      fresh.map((seat) => seat.name.trim()),
      t,
    );
    const taken = new Set(seated.map((seat) => seat.person_id));
    const wrists = await wristsOf(
      known.map((person) => person.id),
      t,
    );
    let position = await lastPosition(session, t);
    const inserts: SeatInsert[] = [];
    const newcomers: Omit<Person, 'version'>[] = [];
    const measured: (Wrist & { person: string })[] = [];
    for (const seat of fresh) {
      const name = seat.name.trim();
      const before = known.find((person) => person.name.toLowerCase() === name.toLowerCase() && !taken.has(person.id));
      const person = before ?? {
        id: randomUUID(),
        name,
        age: seat.age ?? null,
        age_on: seat.age == null ? null : today(),
        avoid: seat.avoid ?? [],
      };
      taken.add(person.id);
      if (!before) newcomers.push(person);
      else {
        const told = {
          ...(seat.age != null && { age: seat.age, age_on: today() }),
          // What is known of somebody's skin stays known, whatever a list leaves out.
          ...(seat.avoid && { avoid: [...new Set([...before.avoid, ...seat.avoid])] }),
        };
        if (!isDeepStrictEqual({ ...before, ...told }, before)) await updatePerson(before.id, before.version, told, t);
      }
      const last = wrists.get(person.id)?.[0];
      const wrist =
        seat.wrist_mm == null && last
          ? { wrist_mm: last.mm, wrist_method: last.method, wrist_on: last.taken_on }
          : wristFields(seat.wrist_mm ?? null, seat.wrist_method);
      measured.push(...measuredWrist(person.id, wrist));
      position += 1;
      inserts.push({
        id: seat.id,
        session_id: session,
        person_id: person.id,
        position: seat.position ?? position,
        skill: seat.skill ?? 'new',
        ...wrist,
        hand_mm: seat.hand_mm ?? null,
        ease: seat.ease ?? 'easy',
        project: seat.project ?? null,
        project_revision: seat.project ? catalogue.projects[seat.project]!.revision : null,
        band_mm: seat.band_mm ?? null,
        options: seat.options ?? {},
        cords: seat.cords ?? {},
        school: seat.school ?? null,
        accepted: seat.accepted ?? false,
        wishes: seat.wishes ?? [],
        note: seat.note ?? '',
      });
    }
    await insertPeople(newcomers, t);
    await noteWrists(measured, t);
    await insertSeats(inserts, t);
    return viewSession(session, t);
  });
}

const sameFields = (changes: SeatChanges, record: SeatRecord): boolean =>
  Object.entries(changes).every(([field, value]) => isDeepStrictEqual(record[field as keyof SeatRecord], value));

/** Changes a seat, and the person where a change is theirs. An edit made to an older version is answered with what stands now. */
export function editSeat(id: string, { version, person_version, changes }: SeatEdit): Promise<SeatRecord> {
  return inTransaction(async (t) => {
    const seat = await findSeat(id, t);
    if (!seat) throw notFound('seat');
    await findStanding(seat.session_id, t);
    const current = async (): Promise<SeatRecord> =>
      (await seatsOf([seat.session_id], t)).get(seat.session_id)!.find((s) => s.id === id)!;
    const { catalogue } = await readStudio(t);
    checkSlugs(changes, catalogue, '/changes');

    const before = await current();
    if (before.version !== version || before.person_version !== person_version) {
      // A change that was stored although its answer was lost is sent again: it is no conflict.
      if (sameFields(changes, before)) return before;
      if (before.version !== version || touchesPerson(changes)) throw stale('seat', before);
    }
    if (touchesPerson(changes)) {
      const { name, age, avoid } = changes;
      const own = {
        ...(name !== undefined && { name: name.trim() }),
        ...(age !== undefined && { age, age_on: age === null ? null : today() }),
        ...(avoid !== undefined && { avoid }),
      };
      if (!(await updatePerson(seat.person_id, person_version, own, t))) throw stale('seat', await current());
    }
    const { name: _name, age: _age, avoid: _avoid, wrist_mm, wrist_method, ...rest } = changes;
    const touched = wrist_mm !== undefined || wrist_method !== undefined;
    // A project newly chosen is planned with its newest revision, and stays with it.
    const project = rest.project === undefined ? before.project : rest.project;
    const chosen = rest.project_revision ?? (rest.project === undefined ? before.project_revision : null);
    const newest = project === null ? null : catalogue.projects[project]!.revision;
    if (project !== null && chosen !== null && chosen > newest!)
      throw new Problem(422, 'unknown', `There is no revision ${chosen} of this project; the newest is ${newest}.`, {
        pointer: '/changes/project_revision',
      });
    const revision = { project_revision: project === null ? null : (chosen ?? newest) };
    const wrist = touched
      ? wristFields(wrist_mm === undefined ? before.wrist_mm : wrist_mm, wrist_method ?? undefined)
      : null;
    if (wrist) await noteWrists(measuredWrist(seat.person_id, wrist), t);
    if (!(await updateSeat(id, version, { ...rest, ...revision, ...wrist }, t))) throw stale('seat', await current());
    return current();
  });
}

const touchesPerson = (changes: SeatChanges): boolean =>
  changes.name !== undefined || changes.age !== undefined || changes.avoid !== undefined;

/** Takes a seat out of its session; the person and their wrists stay. */
export function removeSeat(id: string): Promise<SessionView> {
  return inTransaction(async (t) => {
    const seat = await findSeat(id, t);
    if (!seat) throw notFound('seat');
    await findStanding(seat.session_id, t);
    await deleteSeat(id, t);
    return viewSession(seat.session_id, t);
  });
}
