import { Op, QueryTypes, fn, col, where, type Transaction } from 'sequelize';
import type { Avoid } from '../core/studio';
import { database } from './connection';
import { PersonRow, WristRow } from './models';

/** Somebody kept across sessions. `age` is as given on `age_on`. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly age: number | null;
  readonly age_on: string | null;
  readonly avoid: Avoid[];
  readonly version: number;
}

/** A wrist as it was taken. */
export interface Wrist {
  readonly mm: number;
  readonly method: 'tape' | 'strip' | 'told';
  readonly taken_on: string;
}

/** A line of the list of people: with the last wrist and the number of sessions. */
export interface PersonLine extends Person {
  readonly wrist_mm: number | null;
  readonly wrist_on: string | null;
  readonly sessions: number;
}

export function listPeople(search: string, limit: number, t: Transaction): Promise<PersonLine[]> {
  return database().query<PersonLine>(
    `SELECT p.*, w.mm AS wrist_mm, w.taken_on AS wrist_on,
            (SELECT count(*)::int FROM seats s JOIN sessions x ON x.id = s.session_id AND x.deleted_at IS NULL WHERE s.person_id = p.id) AS sessions
       FROM people p LEFT JOIN LATERAL (SELECT mm, taken_on FROM wrists WHERE person_id = p.id ORDER BY taken_on DESC LIMIT 1) w ON true
      WHERE strpos(lower(p.name), lower($1)) > 0 ORDER BY lower(p.name), p.id LIMIT $2`,
    { bind: [search, limit], type: QueryTypes.SELECT, transaction: t },
  );
}

/** People with these names, whatever their case. */
export async function peopleNamed(names: readonly string[], t: Transaction): Promise<Person[]> {
  const lower = names.map((name) => name.toLowerCase());
  return PersonRow.findAll({
    where: where(fn('lower', col('name')), { [Op.in]: lower }),
    order: ['id'],
    transaction: t,
    raw: true,
  });
}

export async function findPerson(id: string, t: Transaction): Promise<Person | null> {
  return PersonRow.findByPk(id, { transaction: t, raw: true });
}

export async function insertPeople(people: readonly Omit<Person, 'version'>[], t: Transaction): Promise<void> {
  await PersonRow.bulkCreate(people, { transaction: t, ignoreDuplicates: true });
}

/** Changes a person if the version still stands; false when it does not. */
export async function updatePerson(
  id: string,
  version: number,
  changes: Partial<Omit<Person, 'id' | 'version'>>,
  t: Transaction,
): Promise<boolean> {
  const [count] = await PersonRow.update(
    { ...changes, version: version + 1 },
    { where: { id, version }, transaction: t },
  );
  return count === 1;
}

/** Notes measured wrists; one taken the same day is replaced, since the later reading corrects it. */
export async function noteWrists(
  taken: readonly (Wrist & { readonly person: string })[],
  t: Transaction,
): Promise<void> {
  if (taken.length === 0) return;
  await database().query(
    `INSERT INTO wrists (person_id, mm, method, taken_on)
       SELECT * FROM unnest($1::uuid[], $2::integer[], $3::text[], $4::date[])
     ON CONFLICT (person_id, taken_on) DO UPDATE SET mm = EXCLUDED.mm, method = EXCLUDED.method`,
    {
      bind: [
        taken.map((w) => w.person),
        taken.map((w) => w.mm),
        taken.map((w) => w.method),
        taken.map((w) => w.taken_on),
      ],
      transaction: t,
    },
  );
}

/** A person's wrists, newest first. */
export async function wristsOf(people: readonly string[], t: Transaction): Promise<Map<string, Wrist[]>> {
  const rows = await WristRow.findAll({
    where: { person_id: { [Op.in]: [...people] } },
    order: [['taken_on', 'DESC']],
    transaction: t,
    raw: true,
  });
  const byPerson = new Map<string, Wrist[]>();
  for (const { person_id, mm, method, taken_on } of rows)
    byPerson.set(person_id, [...(byPerson.get(person_id) ?? []), { mm, method, taken_on }]);
  return byPerson;
}

export async function deleteWrists(person: string, t: Transaction): Promise<void> {
  await WristRow.destroy({ where: { person_id: person }, transaction: t });
}
