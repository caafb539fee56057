import type { Transaction } from 'sequelize';
import { number, orNull, text, truth } from './database/columns';
import { textsByCursor } from './database/cursor';
import { run, selectOne, selectValue } from './database/query';

/** Every table that holds a studio's own data, in the order they can be filled in. */
export const STUDIO_TABLES = [
  'settings',
  'cords',
  'hardware',
  'projects',
  'people',
  'wrists',
  'sessions',
  'seats',
  'seat_progress',
  'seat_records',
  'figure_changes',
  'items',
  'lots',
  'movements',
  'orders',
] as const;
export type StudioTable = (typeof STUDIO_TABLES)[number];

/** Tables whose numbers the database gives. */
const NUMBERED: Partial<Record<StudioTable, string>> = {
  wrists: 'id',
  lots: 'number',
  movements: 'id',
  seat_records: 'n',
  figure_changes: 'n',
};
const ORDER: Partial<Record<StudioTable, string>> = {
  settings: 'revision',
  cords: 'slug, revision',
  hardware: 'slug, revision',
  projects: 'slug, revision',
  seat_progress: 'session_id, n',
  seat_records: 'n',
  figure_changes: 'n',
  movements: 'id',
  lots: 'number',
  wrists: 'id',
};
/** Triggers that an import disables: balances are summed once at its end, and entries made long ago are not announced. */
const TRIGGERS: Partial<Record<StudioTable, readonly string[]>> = {
  movements: ['movements_book'],
  lots: ['lots_guard'],
  seat_progress: ['bench_is_told'],
};

/** Rows of all of a studio's tables. */
export async function countRows(t: Transaction): Promise<number> {
  const counts = STUDIO_TABLES.map((table) => `(SELECT count(*) FROM ${table})`).join(' + ');
  return (await selectValue({ rows: number(`(${counts})::float8`) }, '', [], t)).rows;
}

/** Every row of a table as JSON text, in batches. */
export const tableTexts = (table: StudioTable, t: Transaction): AsyncGenerator<readonly string[]> =>
  textsByCursor('to_jsonb(own)::text', `FROM ${table} own ORDER BY ${ORDER[table] ?? 'id'}`, t);

/** Whether nothing of a studio's work is there yet: no people, sessions, stock, or records. */
export async function isEmptyStudio(t: Transaction): Promise<boolean> {
  const has = (table: string): string => `EXISTS (SELECT 1 FROM ${table})`;
  const empty = truth(`NOT (${['people', 'sessions', 'items', 'seat_records'].map(has).join(' OR ')})`);
  return (await selectValue({ empty }, '', [], t)).empty;
}

/** Takes the one lock of imports until the end of the transaction; false where another import has it. */
export async function lockImport(t: Transaction): Promise<boolean> {
  const free = truth("pg_try_advisory_xact_lock(hashtextextended('import', 0))");
  return (await selectValue({ free }, '', [], t)).free;
}

/** Empties a studio of its shipped settings and catalogue, which the imported ones replace, and makes its tables ready to be filled. */
export async function beginImport(t: Transaction): Promise<void> {
  for (const table of ['settings', 'cords', 'hardware', 'projects', 'figure_changes'])
    await run(`DELETE FROM ${table}`, [], t);
  for (const [table, triggers] of Object.entries(TRIGGERS))
    for (const trigger of triggers) await run(`ALTER TABLE ${table} DISABLE TRIGGER ${trigger}`, [], t);
}

/** Adds rows to a table, from the JSON text of a list. The database's own constraints check each. */
export async function fillTable(table: StudioTable, rows: string, t: Transaction): Promise<void> {
  // What a lot holds is the sum of its movements.
  const from = table === 'lots' ? `SELECT own || '{"hand": 0, "held": 0}' AS own` : 'SELECT own';
  await run(
    `INSERT INTO ${table} OVERRIDING SYSTEM VALUE
       SELECT row.* FROM (${from} FROM jsonb_array_elements($1::jsonb) AS own) AS one,
              jsonb_populate_record(NULL::${table}, one.own) AS row`,
    [rows],
    t,
  );
}

/**
 * Ends an import: balances are summed from the ledger, numbering goes on from the last row, and tables work as before. Answers a lot
 * whose ledger would ever have held less than nothing; null where there is none.
 */
export async function endImport(t: Transaction): Promise<number | null> {
  const negative = await selectOne(
    { number: number() },
    `FROM (SELECT lot, sum(hand) OVER w AS hand, sum(held) OVER w AS held FROM movements
            WINDOW w AS (PARTITION BY lot ORDER BY id)) AS course
       JOIN lots ON lots.id = course.lot
      WHERE course.hand < 0 OR course.held < 0 OR course.held > course.hand LIMIT 1`,
    [],
    t,
  );
  if (negative) return negative.number;
  await run(
    `UPDATE lots SET hand = own.hand, held = own.held
       FROM (SELECT lot, sum(hand) AS hand, sum(held) AS held FROM movements GROUP BY lot) AS own WHERE own.lot = lots.id`,
    [],
    t,
  );
  await run(
    `INSERT INTO holds (session_id, lot, held)
       SELECT session_id, lot, sum(held) FROM movements WHERE held <> 0 GROUP BY session_id, lot`,
    [],
    t,
  );
  for (const [table, column] of Object.entries(NUMBERED))
    await run(
      `SELECT setval(pg_get_serial_sequence('${table}', '${column}'), (SELECT coalesce(max(${column}), 0) + 1 FROM ${table}), false)`,
      [],
      t,
    );
  for (const [table, triggers] of Object.entries(TRIGGERS))
    for (const trigger of triggers) await run(`ALTER TABLE ${table} ENABLE TRIGGER ${trigger}`, [], t);
  return null;
}

/** How far an export or import is. */
export interface Transfer {
  readonly done: number;
  readonly total: number | null;
  readonly state: 'running' | 'finished' | 'failed';
}

/** Transfers are of interest while they run; older ones go. */
const KEPT_HOURS = 24;

export async function startTransfer(
  id: string,
  kind: 'export' | 'import',
  total: number | null,
  t: Transaction,
): Promise<void> {
  await run(`DELETE FROM transfers WHERE at < now() - interval '${KEPT_HOURS} hours'`, [], t);
  await run(
    `INSERT INTO transfers (id, kind, total, state) VALUES ($1, $2, $3, 'running')
     ON CONFLICT (id) DO UPDATE SET total = excluded.total, state = 'running', done = 0`,
    [id, kind, total],
    t,
  );
}

export const noteTransfer = (id: string, done: number, state: Transfer['state'], t: Transaction): Promise<void> =>
  run('UPDATE transfers SET done = $2, state = $3, at = now() WHERE id = $1', [id, done, state], t);

export const findTransfer = async (id: string, t: Transaction): Promise<Transfer | null> => {
  const found = await selectOne(
    { done: number('done::float8'), total: orNull(number('total::float8')), state: text() },
    'FROM transfers WHERE id = $1',
    [id],
    t,
  );
  return found && { ...found, state: found.state as Transfer['state'] };
};
