import type { Transaction } from 'sequelize';
import type { Settings } from '../core/studio';
import { run, select } from './query';

/** A document with the version two people's edits are checked against. */
export interface Versioned<T> {
  readonly doc: T;
  readonly version: number;
}

/** The settings as they are; or as they were at some moment, where one is given. */
export async function readSettings(t: Transaction, by: Date | null = null): Promise<Versioned<Settings> | null> {
  const [row] = await select<Versioned<Settings>>(
    `SELECT doc, revision AS version FROM settings WHERE $1::timestamptz IS NULL OR made_at <= $1
      ORDER BY revision DESC LIMIT 1`,
    [by],
    t,
  );
  return row ?? null;
}

/** The first settings of a studio; those that are there stay. */
export const insertSettings = (doc: Settings, t: Transaction): Promise<void> =>
  run(
    'INSERT INTO settings (revision, doc) SELECT 1, $1::jsonb WHERE NOT EXISTS (SELECT 1 FROM settings) ON CONFLICT DO NOTHING',
    [JSON.stringify(doc)],
    t,
  );

/** Keeps changed settings as the next revision, if the one they were changed from is still the newest; false when it is not. */
export async function updateSettings(version: number, doc: Settings, t: Transaction): Promise<boolean> {
  const rows = await select(
    `INSERT INTO settings (revision, doc, made_at)
       SELECT $1 + 1, $2::jsonb, date_trunc('milliseconds', clock_timestamp()) WHERE (SELECT max(revision) FROM settings) = $1
     ON CONFLICT DO NOTHING RETURNING revision`,
    [version, JSON.stringify(doc)],
    t,
  );
  return rows.length === 1;
}

/** A mark that changes with anything a reckoning needs of the studio, and with nothing else. */
export async function studioMark(t: Transaction): Promise<string> {
  const [row] = await select<{ mark: string }>('SELECT mark FROM studio_mark', [], t);
  return row!.mark;
}
