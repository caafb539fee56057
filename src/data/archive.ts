import { QueryTypes, type Transaction } from 'sequelize';
import { database } from './connection';

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
  'items',
  'lots',
  'movements',
  'orders',
] as const;
export type StudioTable = (typeof STUDIO_TABLES)[number];

/** What a balance is made of is in the ledger: these are booked anew when movements come in. */
const BOOKED: Partial<Record<StudioTable, Readonly<Record<string, number>>>> = { lots: { hand: 0, held: 0 } };
/** Tables whose numbers the database gives. */
const NUMBERED: Partial<Record<StudioTable, string>> = { wrists: 'id', lots: 'number', movements: 'id' };
const ORDER: Partial<Record<StudioTable, string>> = {
  settings: 'revision',
  cords: 'slug, revision',
  hardware: 'slug, revision',
  projects: 'slug, revision',
  movements: 'id',
  lots: 'number',
  wrists: 'id',
};

/** Every row of a table, as JSON keeps it. */
export async function readTable(table: StudioTable, t: Transaction): Promise<Record<string, unknown>[]> {
  const rows = await database().query<{ row: Record<string, unknown> }>(
    `SELECT to_jsonb(t) AS row FROM ${table} t ORDER BY ${ORDER[table] ?? 'id'}`,
    { type: QueryTypes.SELECT, transaction: t },
  );
  return rows.map(({ row }) => row);
}

/** Every row of a table as the JSON text of a list. */
export async function readTableText(table: StudioTable, t: Transaction): Promise<string> {
  const [row] = await database().query<{ text: string }>(
    `SELECT coalesce(jsonb_agg(to_jsonb(t) ORDER BY ${ORDER[table] ?? 'id'}), '[]')::text AS text FROM ${table} t`,
    { type: QueryTypes.SELECT, transaction: t },
  );
  return row!.text;
}

/** Whether nothing of a studio's work is there yet: no people, sessions, or stock. */
export async function isEmptyStudio(t: Transaction): Promise<boolean> {
  const [row] = await database().query<{ empty: boolean }>(
    `SELECT NOT EXISTS (SELECT 1 FROM people) AND NOT EXISTS (SELECT 1 FROM sessions) AND NOT EXISTS (SELECT 1 FROM items) AS empty`,
    { type: QueryTypes.SELECT, transaction: t },
  );
  return row!.empty;
}

/** Takes away the shipped settings and catalogue, which a studio's own replace. */
export async function clearCatalogue(t: Transaction): Promise<void> {
  await database().query('DELETE FROM settings; DELETE FROM cords; DELETE FROM hardware; DELETE FROM projects', {
    transaction: t,
  });
}

/** Fills a table with rows as they were read. The database's own constraints check each. */
export async function fillTable(table: StudioTable, rows: readonly object[], t: Transaction): Promise<void> {
  const booked = BOOKED[table];
  for (let from = 0; from < rows.length; from += 2000) {
    const some = rows.slice(from, from + 2000).map((row) => ({ ...row, ...booked }));
    await database().query(
      `INSERT INTO ${table} OVERRIDING SYSTEM VALUE SELECT * FROM jsonb_populate_recordset(NULL::${table}, $1::jsonb)`,
      { bind: [JSON.stringify(some)], transaction: t },
    );
  }
  const column = NUMBERED[table];
  if (column)
    await database().query(
      `SELECT setval(pg_get_serial_sequence('${table}', '${column}'), (SELECT coalesce(max(${column}), 0) + 1 FROM ${table}), false)`,
      { transaction: t },
    );
}
