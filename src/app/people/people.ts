import type { PersonEdit, Wrist } from '../../core/person';
import {
  erasePerson,
  findPerson,
  listPeople,
  lockPeople,
  noteWrists,
  updatePerson,
  wristsOf,
  type Person,
  type PersonLine,
} from '../../data/people';
import { lockSession, sessionsOfPerson, updateSession, type StoredSession } from '../../data/sessions';
import { withoutPerson } from '../../core/session';
import { inTransaction } from '../../data/database/transaction';
import { notFound, Problem, stale } from '../../core/problem';
import { removeTraces, tracesOf, type Trace } from '../../data/traces';
import { today } from '../studio/clock';
import { deleteDumps, makeDump, openDumps, type Dumps } from '../archive/dumps';

/** A person with all their wrists, newest first. */
export interface PersonView extends Person {
  readonly wrists: readonly Wrist[];
}

/** How many people the list shows at once; the search narrows it. */
export const PEOPLE_SHOWN = 200;

export function findPeople(search: string): Promise<PersonLine[]> {
  return inTransaction((t) => listPeople(search, PEOPLE_SHOWN, t));
}

export function openPerson(id: string): Promise<PersonView> {
  return inTransaction(async (t) => {
    const person = await findPerson(id, t);
    if (!person) throw notFound('person');
    return { ...person, wrists: (await wristsOf([id], t)).get(id) ?? [] };
  });
}

const forgotten = (): Problem =>
  new Problem(410, 'forgotten', 'This person was forgotten: nothing is kept of them any more.');

export function editPerson(id: string, { version, changes }: PersonEdit): Promise<PersonView> {
  return inTransaction(async (t) => {
    const [person] = await lockPeople([id], t);
    if (!person) throw (await findPerson(id, t)) ? forgotten() : notFound('person');
    const { wrist, age, ...rest } = changes;
    if (wrist && wrist.taken_on > today())
      throw new Problem(422, 'future', 'A wrist cannot have been taken after today.', {
        pointer: '/changes/wrist/taken_on',
      });
    const aged = age === undefined ? {} : { age, age_on: age === null ? null : today() };
    if (!(await updatePerson(id, version, { ...rest, ...aged }, t))) throw stale('person', person);
    if (wrist) await noteWrists([{ ...wrist, person: id }], t);
    return { ...(await findPerson(id, t))!, wrists: (await wristsOf([id], t)).get(id) ?? [] };
  });
}

/** What somebody is called who is not to be named any more. */
const NOBODY = 'Forgotten';

/** What erasing somebody finds beside what is kept under their own name. */
export interface PersonTraces {
  readonly traces: readonly Trace[];
  readonly dumps: Dumps;
}

/** Texts that name a person where they are not about them, and dumps that hold what is erased: to be decided with the erasing. */
export async function openTraces(id: string): Promise<PersonTraces> {
  const traces = await inTransaction(async (t) => {
    const person = await findPerson(id, t);
    if (!person) throw notFound('person');
    return tracesOf(person.name, t);
  });
  return { traces, dumps: await openDumps() };
}

/** What is decided with an erasing: texts to take the name out of, and what becomes of dumps. */
export interface Erasing {
  readonly version: number;
  readonly traces?: readonly Pick<Trace, 'place' | 'key'>[];
  readonly dumps?: 'keep' | 'delete' | 'remake';
}

/**
 * Erases a person for good: name, age, skin, wrists, and on every seat of theirs wrist, hand and note; their name in the texts that were
 * decided on; and dumps as decided. What was cut for past sessions stays, without them. Sessions before people, as everywhere: so it
 * meets an edit or a cut under way, and waits for it.
 */
export async function forgetPerson(id: string, { version, traces = [], dumps = 'keep' }: Erasing): Promise<void> {
  for (;;) {
    const done = await inTransaction(async (t) => {
      const sessions = await sessionsOfPerson(id, t);
      const locked = new Map<string, StoredSession>();
      for (const session of sessions) {
        const own = await lockSession(session, t);
        if (own) locked.set(session, own);
      }
      const [known] = await lockPeople([id], t);
      if (!known && !(await findPerson(id, t))) throw notFound('person');
      // Erased already, the answer lost: there is nothing left to be seen of an older version.
      if (known && known.version !== version) throw stale('person', known);
      // Seated elsewhere in between: once more, with that session too.
      if ((await sessionsOfPerson(id, t)).some((session) => !locked.has(session))) return false;
      if (known) await removeTraces(known.name, traces, t);
      await erasePerson(id, NOBODY, t);
      for (const { id: session, version: own, cut_done } of locked.values())
        if (cut_done?.seats.some((seat) => seat.person === id))
          await updateSession(session, own, { cut_done: withoutPerson(cut_done, id, NOBODY) }, t);
      return true;
    });
    if (done) break;
  }
  if (dumps !== 'keep') await deleteDumps();
  if (dumps === 'remake')
    await makeDump().catch(() => {
      throw new Problem(
        503,
        'no-dump',
        'The person is erased and the old backups are deleted, but no new backup could be written. Look for space on the disk.',
      );
    });
}
