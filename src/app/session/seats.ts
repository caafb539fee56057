import { randomUUID } from 'node:crypto';
import type { Transaction } from 'sequelize';
import { Problem } from '../../core/problem';
import { sameAs, type Wrist } from '../../core/person';
import type { SessionView } from '../../core/session';
import { NO_WRIST, wristAfter } from '../../core/person';
import type { NewSeat } from '../../core/seat';
import { ageOn } from '../../core/studio';
import {
  insertPeople,
  lockNames,
  lockPeople,
  noteWrists,
  peopleNamed,
  tellPeople,
  wristsOf,
  type Person,
  type Told,
} from '../../data/people';
import { insertSeats, lastPosition, seatsOf, type SeatInsert } from '../../data/seats';
import { inTransaction } from '../../data/database/transaction';
import { today } from '../studio/clock';
import { checkSlugs, measuredWrist, wristFields } from './seat-fields';
import { lockStanding, viewSession } from './session';
import { readStudio } from '../studio/studio';

/** A session holds at most this many seats: past it, a list is a mistake or several sessions. */
export const MOST_SEATS = 500;

/** Whether nothing that is told of somebody speaks against their being a known person. */
const mayBe = ({ age, age_on }: Person, told: number | null | undefined): boolean =>
  sameAs(
    { age: age === null ? null : ageOn(age, age_on!, today()), wrist_mm: null },
    { age: told ?? null, wrist_mm: null },
  ) !== 'differs';

/**
 * Who each new seat is. A seat that brings a person's id is that person, as somebody confirmed; one that brings null is somebody
 * new. One that says nothing is the only known person of its name, if no age speaks against it; else somebody new. Everybody it
 * finds is held until the transaction ends.
 */
async function whoIs(
  seats: readonly NewSeat[],
  seated: ReadonlySet<string>,
  t: Transaction,
): Promise<(Person | null)[]> {
  const unsaid = seats.filter((seat) => seat.person_id === undefined).map((seat) => seat.name.trim());
  await lockNames(unsaid, t);
  const named = await peopleNamed(unsaid, t);
  const wanted = [...named.map(({ id }) => id), ...seats.flatMap((seat) => seat.person_id ?? [])];
  const people = new Map((await lockPeople(wanted, t)).map((person) => [person.id, person]));
  const taken = new Set(seated);
  return seats.map((seat, i) => {
    const pointer = { pointer: `/seats/${i}/person_id` };
    let found: Person | undefined;
    if (seat.person_id) {
      found = people.get(seat.person_id);
      if (!found)
        throw new Problem(422, 'unknown', 'There is no such person any more: seat them as somebody new.', pointer);
      if (taken.has(found.id))
        throw new Problem(409, 'seated', `${found.name} has a seat in this session already.`, pointer);
    } else if (seat.person_id === undefined) {
      const alike = named.filter(({ name }) => name.toLowerCase() === seat.name.trim().toLowerCase());
      const only = alike.length === 1 ? people.get(alike[0]!.id) : undefined;
      if (only && !taken.has(only.id) && mayBe(only, seat.age)) found = only;
    }
    if (found) taken.add(found.id);
    return found ?? null;
  });
}

/**
 * Adds seats to a session, each with its person: known, or new. What a list tells of a known person is added to what is known.
 * Seats already there by id are left, so that sending twice adds once.
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

    const people = await whoIs(fresh, new Set(seated.map((seat) => seat.person_id)), t);
    const wrists = await wristsOf(
      people.flatMap((person) => person?.id ?? []),
      t,
    );
    let position = await lastPosition(session, t);
    const inserts: SeatInsert[] = [];
    const newcomers: Omit<Person, 'version'>[] = [];
    const told: Told[] = [];
    const measured: (Wrist & { person: string })[] = [];
    for (const [i, seat] of fresh.entries()) {
      const age = seat.age ?? null;
      const age_on = age === null ? null : today();
      const avoid = seat.avoid ?? [];
      const known = people[i];
      const id = known?.id ?? randomUUID();
      if (known) told.push({ person: id, age, age_on, avoid });
      else newcomers.push({ id, name: seat.name.trim(), age, age_on, avoid });
      const last = wrists.get(id)?.[0];
      const wrist =
        seat.wrist_mm == null && last
          ? { wrist_mm: last.mm, wrist_method: last.method, wrist_on: last.taken_on }
          : wristFields(wristAfter(seat, NO_WRIST) ?? NO_WRIST);
      measured.push(...measuredWrist(id, wrist));
      position += 1;
      inserts.push({
        id: seat.id,
        session_id: session,
        person_id: id,
        position: seat.position ?? position,
        skill: seat.skill ?? null,
        ...wrist,
        hand_mm: seat.hand_mm ?? null,
        ease: seat.ease ?? 'easy',
        project: seat.project ?? null,
        project_revision: seat.project ? (seat.project_revision ?? catalogue.projects[seat.project]!.revision) : null,
        band_mm: seat.band_mm ?? null,
        options: seat.options ?? {},
        cords: seat.cords ?? {},
        school: seat.school ?? null,
        accepted: seat.accepted ?? false,
        made: seat.made ?? null,
        wishes: seat.wishes ?? [],
        note: seat.note ?? '',
      });
    }
    checkRevisions(inserts, catalogue.projects);
    await insertPeople(newcomers, t);
    await tellPeople(told, t);
    await noteWrists(measured, t);
    await insertSeats(inserts, t);
    return viewSession(session, t);
  });
}

/** A seat put back keeps the revision it was planned with; one that is not there yet cannot be asked for. */
function checkRevisions(
  seats: readonly SeatInsert[],
  projects: Readonly<Record<string, { readonly revision: number }>>,
): void {
  for (const { project, project_revision } of seats) {
    if (project !== null && project_revision! > projects[project]!.revision)
      throw new Problem(422, 'unknown', `There is no revision ${project_revision} of “${project}”.`, {
        pointer: '/seats',
      });
  }
}
