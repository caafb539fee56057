import type { Transaction } from 'sequelize';
import { document, text, truth } from './database/columns';
import { run, select, selectValue } from './database/query';

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

/** What a balance is made of is in the ledger: these are booked anew when movements come in. */
const BOOKED: Partial<Record<StudioTable, Readonly<Record<string, number>>>> = { lots: { hand: 0, held: 0 } };
/** Tables whose numbers the database gives. */
const NUMBERED: Partial<Record<StudioTable, string>> = {
  wrists: 'id',
  lots: 'number',
  movements: 'id',
  seat_records: 'n',
  figure_changes: 'n',
};
/** What rows had before they had a column that is never empty. */
const BEFORE: Partial<Record<StudioTable, object>> = {
  sessions: { leader: '', room: { adults: 1, fire_by: '', tied: [], early: [] } },
  seats: { link_epoch: 1 },
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

/** Every row of a table, as JSON keeps it. */
export async function readTable(table: StudioTable, t: Transaction): Promise<Record<string, unknown>[]> {
  const rows = await select(
    { row: document<Record<string, unknown>>('to_jsonb(t)') },
    `FROM ${table} t ORDER BY ${ORDER[table] ?? 'id'}`,
    [],
    t,
  );
  return rows.map(({ row }) => row);
}

/** Every row of a table as the JSON text of a list. */
export async function readTableText(table: StudioTable, t: Transaction): Promise<string> {
  const all = text(`coalesce(jsonb_agg(to_jsonb(t) ORDER BY ${ORDER[table] ?? 'id'}), '[]')::text`);
  return (await selectValue({ all }, `FROM ${table} t`, [], t)).all;
}

/** Whether nothing of a studio's work is there yet: no people, sessions, stock, or records. */
export async function isEmptyStudio(t: Transaction): Promise<boolean> {
  const has = (table: string): string => `EXISTS (SELECT 1 FROM ${table})`;
  const empty = truth(`NOT (${['people', 'sessions', 'items', 'seat_records'].map(has).join(' OR ')})`);
  return (await selectValue({ empty }, '', [], t)).empty;
}

/** Takes away the shipped settings and catalogue, which a studio's own replace, and what was done with them. */
export async function clearCatalogue(t: Transaction): Promise<void> {
  for (const table of ['settings', 'cords', 'hardware', 'projects', 'figure_changes'])
    await run(`DELETE FROM ${table}`, [], t);
}

/** Fills a table with rows as they were read. The database's own constraints check each. */
export async function fillTable(table: StudioTable, rows: readonly object[], t: Transaction): Promise<void> {
  const booked = BOOKED[table];
  for (let from = 0; from < rows.length; from += 2000) {
    const some = rows.slice(from, from + 2000).map((row) => ({ ...BEFORE[table], ...row, ...booked }));
    await run(
      `INSERT INTO ${table} OVERRIDING SYSTEM VALUE SELECT * FROM jsonb_populate_recordset(NULL::${table}, $1::jsonb)`,
      [JSON.stringify(some)],
      t,
    );
  }
  const column = NUMBERED[table];
  if (column)
    await run(
      `SELECT setval(pg_get_serial_sequence('${table}', '${column}'), (SELECT coalesce(max(${column}), 0) + 1 FROM ${table}), false)`,
      [],
      t,
    );
}
