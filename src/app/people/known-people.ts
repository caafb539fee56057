import type { Transaction } from 'sequelize';
import type { KnownPerson } from '../../core/person';
import { ageOn } from '../../core/studio';
import { recallPeople } from '../../data/people';
import { inTransaction } from '../../data/database/transaction';
import { today } from '../studio/clock';

/** Who is known by some names, whatever their case; by the name in small letters, whoever came last first. */
export async function knownPeople(names: readonly string[], t: Transaction): Promise<Map<string, KnownPerson[]>> {
  const byName = new Map<string, KnownPerson[]>();
  for (const { id, name, age, age_on, wrist_mm, taken_on, sessions, last_on, last_project } of await recallPeople(
    names,
    t,
  )) {
    const known: KnownPerson = {
      id,
      name,
      age: age === null || age_on === null ? null : ageOn(age, age_on, today()),
      wrist_mm,
      taken_on,
      sessions,
      last_on,
      last_project,
    };
    const key = name.toLowerCase();
    byName.set(key, [...(byName.get(key) ?? []), known]);
  }
  return byName;
}

/** Who is known by one name. */
export const whoIsNamed = (name: string): Promise<KnownPerson[]> =>
  inTransaction(async (t) => (await knownPeople([name.trim()], t)).get(name.trim().toLowerCase()) ?? []);
