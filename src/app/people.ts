import type { Avoid } from '../core/studio';
import {
  deleteWrists,
  findPerson,
  listPeople,
  noteWrists,
  updatePerson,
  wristsOf,
  type Person,
  type PersonLine,
  type Wrist,
} from '../data/people';
import { inTransaction } from '../data/transaction';
import { notFound, Problem, stale } from '../core/problem';
import { today } from './clock';

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

/** A change to a person: their name, age, what they avoid, or a wrist newly taken. */
export interface PersonEdit {
  readonly version: number;
  readonly changes: {
    readonly name?: string;
    readonly age?: number | null;
    readonly avoid?: Avoid[];
    readonly wrist?: Wrist;
  };
}

export function editPerson(id: string, { version, changes }: PersonEdit): Promise<PersonView> {
  return inTransaction(async (t) => {
    const person = await findPerson(id, t);
    if (!person) throw notFound('person');

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

/** Forgets a person: name, age, skin and wrists go; what was planned and cut for past sessions stays without them. */
export function forgetPerson(id: string): Promise<void> {
  return inTransaction(async (t) => {
    const person = await findPerson(id, t);
    if (!person) throw notFound('person');
    await deleteWrists(id, t);
    await updatePerson(id, person.version, { name: 'Forgotten', age: null, age_on: null, avoid: [] }, t);
  });
}
