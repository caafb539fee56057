import type { Transaction } from 'sequelize';
import type { GrowthSeen, HandSeen, PlannedPiece, SaidOfPiece, SeenAtBench } from '../core/record';
import { document, number, orNull, text } from './database/columns';
import { textsByCursor } from './database/cursor';
import { run, select, selectValue, touched } from './database/query';

/** What is said of a piece, to be added. */
export interface RecordEntry {
  readonly key: string;
  readonly piece: string;
  readonly session: string | null;
  readonly title: string;
  readonly person: string | null;
  /** Null where it is whoever made the person's other pieces. */
  readonly maker: string | null;
  /** Null where it stands as before. */
  readonly planned: PlannedPiece | null;
  readonly seen: SeenAtBench | null;
  readonly said: SaidOfPiece;
}

/** One after the other, so that whoever has had all up to an n has missed none. */
const ALONE = "SELECT pg_advisory_xact_lock(hashtextextended('records', 0))";

/** Adds what is said; what is there by its key already is left as it is. Answers how many were added. */
export async function addRecords(entries: readonly RecordEntry[], t: Transaction): Promise<number> {
  await run(ALONE, [], t);
  return touched(
    `WITH told AS (
       SELECT * FROM jsonb_to_recordset($1::jsonb) AS e(
         place int, key uuid, piece uuid, session uuid, title text, person uuid, maker uuid, planned jsonb, seen jsonb, said jsonb)
     ), whose AS (
       SELECT p.person, coalesce((SELECT maker FROM seat_records r WHERE r.person_id = p.person LIMIT 1), gen_random_uuid()) AS maker
         FROM (SELECT DISTINCT person FROM told WHERE person IS NOT NULL) p
     )
     INSERT INTO seat_records (key, piece, session_id, title, person_id, maker, planned, seen, said)
     SELECT e.key, e.piece, e.session, e.title, e.person, coalesce(e.maker, w.maker, gen_random_uuid()),
            nullif(e.planned, 'null'), nullif(e.seen, 'null'), e.said
       FROM told e LEFT JOIN whose w ON w.person = e.person
      ORDER BY e.place
     ON CONFLICT (key) DO NOTHING`,
    [JSON.stringify(entries.map((one, place) => ({ ...one, place })))],
    t,
  );
}

const ENTRY = {
  n: number('n::float8'),
  piece: text(),
  planned: orNull(document<PlannedPiece>()),
  seen: orNull(document<SeenAtBench>()),
  said: document<SaidOfPiece>(),
};

/** All that was said of a session's pieces, oldest first. */
export const recordsOfSession = (session: string, t: Transaction) =>
  select(ENTRY, 'FROM seat_records WHERE session_id = $1 ORDER BY seat_records.n', [session], t);

/** All that was said of pieces of some sessions, by session, oldest first. */
export async function saidInSessions(sessions: readonly string[], t: Transaction) {
  const rows = await select(
    { session: text('session_id'), piece: text(), said: document<SaidOfPiece>() },
    'FROM seat_records WHERE session_id = ANY($1::uuid[]) ORDER BY seat_records.n',
    [[...sessions]],
    t,
  );
  const found = new Map<string, { piece: string; said: SaidOfPiece }[]>();
  for (const { session, ...row } of rows) found.set(session, [...(found.get(session) ?? []), row]);
  return found;
}

/** Where the records stand, at a glance: the last of them, and how many sessions were deleted, whose records do not count. */
export const recordsUpto = (t: Transaction) =>
  selectValue(
    {
      upto: number('(SELECT coalesce(max(n), 0)::float8 FROM seat_records)'),
      deleted: number('(SELECT count(*)::int FROM sessions WHERE deleted_at IS NOT NULL)'),
    },
    '',
    [],
    t,
  );

/** Entries to a text: as many as are read from the database at once. */
const EACH = 5000;

/** All entries as JSON texts of so many each: what is read from them is read elsewhere. Those of deleted sessions are left out. */
export async function recordTexts(t: Transaction): Promise<string[]> {
  const found: string[] = [];
  let after = 0;
  for (;;) {
    const { rows, last } = await selectValue(
      { rows: text("coalesce(jsonb_agg(entry ORDER BY n), '[]')::text"), last: orNull(number('max(n)::float8')) },
      `FROM (
         SELECT r.n, jsonb_build_object('piece', r.piece, 'session', coalesce(r.session_id::text, r.title), 'maker', r.maker,
                  'planned', r.planned, 'seen', r.seen, 'said', r.said) AS entry
           FROM seat_records r LEFT JOIN sessions s ON s.id = r.session_id
          WHERE r.n > $1 AND s.deleted_at IS NULL ORDER BY r.n LIMIT $2) AS told`,
      [after, EACH],
      t,
    );
    if (last === null) return found;
    found.push(rows);
    after = last;
  }
}

/**
 * Every entry as JSON text, in batches: all of one piece after another, pieces by the day they were made, each with a number for its
 * maker that says nothing else.
 */
export const recordTextsByPiece = (t: Transaction): AsyncGenerator<readonly string[]> =>
  textsByCursor(
    `jsonb_build_object('piece', r.piece, 'session', coalesce(r.session_id::text, r.title), 'maker', r.maker,
       'makerNumber', m.number, 'planned', r.planned, 'seen', r.seen, 'said', r.said)::text`,
    `FROM seat_records r
       JOIN (SELECT piece, min(n) AS first,
                    (array_agg(planned->>'held_on' ORDER BY n DESC) FILTER (WHERE planned IS NOT NULL))[1] AS held_on
               FROM seat_records GROUP BY piece) AS p ON p.piece = r.piece
       JOIN (SELECT maker, row_number() OVER (ORDER BY min(n)) AS number FROM seat_records GROUP BY maker) AS m
         ON m.maker = r.maker
       LEFT JOIN sessions s ON s.id = r.session_id
      WHERE s.deleted_at IS NULL ORDER BY p.held_on, p.first, r.n`,
    t,
  );

/** Hands that were measured with their wrist, the latest of each person. */
export const handsSeen = (t: Transaction): Promise<HandSeen[]> =>
  select(
    { person: text(), wrist: number(), hand: number() },
    `FROM (SELECT DISTINCT ON (s.person_id) s.person_id::text AS person, s.wrist_mm AS wrist, s.hand_mm AS hand
             FROM seats s JOIN sessions x ON x.id = s.session_id AND x.deleted_at IS NULL
            WHERE s.hand_mm IS NOT NULL AND s.wrist_mm IS NOT NULL AND s.wrist_method IN ('tape', 'strip')
            ORDER BY s.person_id, x.held_on DESC) AS hands`,
    [],
    t,
  );

/** Wrists of children taken more than once: from the first to the last. */
export const growthSeen = (adult: number, t: Transaction): Promise<GrowthSeen[]> =>
  select(
    { person: text(), grew: number('grew::float8'), years: number('years::float8') },
    `FROM (
       SELECT p.id::text AS person, (l.mm - f.mm) AS grew, (l.taken_on - f.taken_on) / 365.25 AS years
         FROM people p
         JOIN LATERAL (SELECT mm, taken_on FROM wrists w WHERE w.person_id = p.id ORDER BY taken_on LIMIT 1) f ON true
         JOIN LATERAL (SELECT mm, taken_on FROM wrists w WHERE w.person_id = p.id ORDER BY taken_on DESC LIMIT 1) l ON true
        WHERE NOT p.forgotten AND p.age IS NOT NULL AND p.age < $1 AND l.taken_on > f.taken_on) AS grown`,
    [adult],
    t,
  );

/** Who some makers are; those who were forgotten are not there. */
export async function makersNamed(makers: readonly string[], t: Transaction): Promise<Map<string, string>> {
  const rows = await select(
    { maker: text('r.maker'), name: text('p.name') },
    `FROM (SELECT DISTINCT maker, person_id FROM seat_records WHERE maker = ANY($1::uuid[]) AND person_id IS NOT NULL) r
      JOIN people p ON p.id = r.person_id`,
    [[...makers]],
    t,
  );
  return new Map(rows.map(({ maker, name }) => [maker, name]));
}

/** What the sessions of records are called. */
export async function sessionTitles(t: Transaction): Promise<Map<string, string>> {
  const rows = await select(
    { id: text('s.id'), title: text('s.title') },
    'FROM sessions s WHERE EXISTS (SELECT 1 FROM seat_records r WHERE r.session_id = s.id)',
    [],
    t,
  );
  return new Map(rows.map(({ id, title }) => [id, title]));
}
