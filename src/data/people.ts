import { Op, type Transaction } from 'sequelize';
import type { Wrist } from '../core/person';
import { AVOIDS, type Avoid } from '../core/studio';
import { listOf, number, orNull, text, word, type RowOf } from './database/columns';
import { PersonRow, WristRow } from './database/models';
import { run, select, selectOne, selectValue } from './database/query';

const PERSON = {
  id: text('p.id'),
  name: text('p.name'),
  age: orNull(number('p.age')),
  age_on: orNull(text('p.age_on')),
  avoid: listOf(word<Avoid>(AVOIDS, 'p.avoid')),
  version: number('p.version'),
};
/** Somebody kept across sessions. `age` is as given on `age_on`. */
export type Person = RowOf<typeof PERSON>;

/** The last wrist taken of a person. */
const LAST_WRIST =
  'LEFT JOIN LATERAL (SELECT mm, taken_on FROM wrists WHERE person_id = p.id ORDER BY taken_on DESC LIMIT 1) w ON true';

const LINE = {
  ...PERSON,
  wrist_mm: orNull(number('w.mm')),
  wrist_on: orNull(text('w.taken_on')),
  sessions: number(
    '(SELECT count(*)::int FROM seats s JOIN sessions x ON x.id = s.session_id AND x.deleted_at IS NULL WHERE s.person_id = p.id)',
  ),
};
/** A line of the list of people: with the last wrist and the number of sessions. */
export type PersonLine = RowOf<typeof LINE>;

export const listPeople = (search: string, limit: number, t: Transaction): Promise<PersonLine[]> =>
  select(
    LINE,
    `FROM people p ${LAST_WRIST}
      WHERE NOT p.forgotten AND strpos(lower(p.name), lower($1)) > 0 ORDER BY lower(p.name), p.id LIMIT $2`,
    [search, limit],
    t,
  );

/** Nobody else makes a person of these names until the transaction ends; always in one order, so that no two wait for each other. */
export async function lockNames(names: readonly string[], t: Transaction): Promise<void> {
  const keys = [...new Set(names.map((name) => name.toLowerCase()))];
  await run(
    'SELECT pg_advisory_xact_lock(key) FROM (SELECT DISTINCT hashtextextended(name, 7) AS key FROM unnest($1::text[]) AS name ORDER BY 1) AS keys',
    [keys],
    t,
  );
}

/** People with these names, whatever their case, who were not forgotten. */
export const peopleNamed = (names: readonly string[], t: Transaction): Promise<Person[]> =>
  select(
    PERSON,
    'FROM people p WHERE lower(p.name) = ANY($1::text[]) AND NOT p.forgotten ORDER BY p.id',
    [names.map((name) => name.toLowerCase())],
    t,
  );

/** A person with what tells them from another of the same name: the last wrist, and the last session they were in. */
const RECALLED = {
  ...PERSON,
  wrist_mm: orNull(number('w.mm')),
  taken_on: orNull(text('w.taken_on')),
  sessions: number('coalesce(s.n, 0)'),
  last_on: orNull(text('s.last_on')),
  last_project: orNull(text('s.last_project')),
};

/** People of these names as somebody may know them again. */
export const recallPeople = (names: readonly string[], t: Transaction): Promise<RowOf<typeof RECALLED>[]> =>
  select(
    RECALLED,
    `FROM people p ${LAST_WRIST}
       LEFT JOIN LATERAL (
         SELECT count(*) OVER ()::int AS n, x.held_on AS last_on, t.project AS last_project
           FROM seats t JOIN sessions x ON x.id = t.session_id AND x.deleted_at IS NULL
          WHERE t.person_id = p.id ORDER BY x.held_on DESC LIMIT 1) s ON true
      WHERE lower(p.name) = ANY($1::text[]) AND NOT p.forgotten ORDER BY s.last_on DESC NULLS LAST, p.id`,
    [names.map((name) => name.toLowerCase())],
    t,
  );

/** People by their ids, held until the transaction ends, in one order; those who were forgotten are not among them. */
export const lockPeople = (ids: readonly string[], t: Transaction): Promise<Person[]> =>
  select(
    PERSON,
    'FROM people p WHERE p.id = ANY($1::uuid[]) AND NOT p.forgotten ORDER BY p.id FOR UPDATE',
    [[...new Set(ids)]],
    t,
  );

export const findPerson = (id: string, t: Transaction): Promise<Person | null> =>
  selectOne(PERSON, 'FROM people p WHERE p.id = $1', [id], t);

export async function insertPeople(people: readonly Omit<Person, 'version'>[], t: Transaction): Promise<void> {
  await PersonRow.bulkCreate(people, { transaction: t, ignoreDuplicates: true });
}

/** Changes a person if the version still stands; false when it does not, or when they were forgotten. */
export async function updatePerson(
  id: string,
  version: number,
  changes: Partial<Omit<Person, 'id' | 'version'>>,
  t: Transaction,
): Promise<boolean> {
  const [count] = await PersonRow.update(
    { ...changes, version: version + 1 },
    { where: { id, version, forgotten: false }, transaction: t },
  );
  return count === 1;
}

/** What a list tells of people: an age where it gives one, and what their skin does not take beside what is known of it. */
export interface Told {
  readonly person: string;
  readonly age: number | null;
  readonly age_on: string | null;
  readonly avoid: readonly Avoid[];
}

/** Adds to what is known of people. What is known of somebody's skin stays known, whatever a list leaves out. */
export const tellPeople = (told: readonly Told[], t: Transaction): Promise<void> =>
  run(
    `UPDATE people p SET age = coalesce(n.age, p.age), age_on = CASE WHEN n.age IS NULL THEN p.age_on ELSE n.age_on END,
            avoid = n.all_avoid, version = p.version + 1
       FROM (SELECT o.person, o.age, o.age_on,
                    ARRAY(SELECT DISTINCT a FROM unnest(q.avoid || o.avoid) AS a ORDER BY a) AS all_avoid
               FROM jsonb_to_recordset($1::jsonb) AS o(person uuid, age int, age_on date, avoid text[]) JOIN people q ON q.id = o.person) AS n
      WHERE p.id = n.person AND NOT p.forgotten
        AND ((n.age IS NOT NULL AND (n.age, n.age_on) IS DISTINCT FROM (p.age, p.age_on)) OR NOT n.all_avoid <@ p.avoid)`,
    [JSON.stringify(told)],
    t,
  );

/** Takes everything of a person away for good: their row stays for what was cut, without a name, an age, or anything of their body. */
export async function erasePerson(id: string, name: string, t: Transaction): Promise<void> {
  await run('DELETE FROM wrists WHERE person_id = $1', [id], t);
  await run(
    `UPDATE people SET name = $2, age = NULL, age_on = NULL, avoid = '{}', forgotten = true, version = version + 1 WHERE id = $1`,
    [id, name],
    t,
  );
  await run(
    `UPDATE seats SET wrist_mm = NULL, wrist_method = NULL, wrist_on = NULL, hand_mm = NULL, made = NULL, note = '', wishes = '{}',
            version = version + 1 WHERE person_id = $1`,
    [id],
    t,
  );
  await run("UPDATE seat_records SET person_id = NULL, said = said - 'word' WHERE person_id = $1", [id], t);
}

/** Makes two people one: what is known of the first goes over to the second where that does not know it, and the first is gone. */
export async function joinPeople(from: string, to: string, t: Transaction): Promise<void> {
  await run(
    `INSERT INTO wrists (person_id, mm, method, taken_on) SELECT $2, mm, method, taken_on FROM wrists WHERE person_id = $1
     ON CONFLICT (person_id, taken_on) DO NOTHING`,
    [from, to],
    t,
  );
  await run(
    `UPDATE people p SET age = coalesce(p.age, o.age), age_on = CASE WHEN p.age IS NULL THEN o.age_on ELSE p.age_on END,
            avoid = ARRAY(SELECT DISTINCT a FROM unnest(p.avoid || o.avoid) AS a ORDER BY a), version = p.version + 1
       FROM people o WHERE p.id = $2 AND o.id = $1`,
    [from, to],
    t,
  );
  await run(
    `UPDATE seat_records SET person_id = $2, maker = coalesce((SELECT maker FROM seat_records WHERE person_id = $2 LIMIT 1), maker)
      WHERE person_id = $1`,
    [from, to],
    t,
  );
  await run('DELETE FROM people WHERE id = $1', [from], t);
}

/** How many seats a person has, in deleted sessions too. */
export async function seatsOfPerson(id: string, t: Transaction): Promise<number> {
  return (await selectValue({ n: number('count(*)::int') }, 'FROM seats WHERE person_id = $1', [id], t)).n;
}

/** Notes measured wrists; one taken the same day is replaced, since the later reading corrects it. */
export async function noteWrists(
  taken: readonly (Wrist & { readonly person: string })[],
  t: Transaction,
): Promise<void> {
  if (taken.length === 0) return;
  await run(
    `INSERT INTO wrists (person_id, mm, method, taken_on)
       SELECT * FROM unnest($1::uuid[], $2::integer[], $3::text[], $4::date[])
     ON CONFLICT (person_id, taken_on) DO UPDATE SET mm = EXCLUDED.mm, method = EXCLUDED.method`,
    [taken.map((w) => w.person), taken.map((w) => w.mm), taken.map((w) => w.method), taken.map((w) => w.taken_on)],
    t,
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
