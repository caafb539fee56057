import type { Transaction } from 'sequelize';
import type { Settings } from '../core/studio';
import { document, number, text, type RowOf } from './database/columns';
import { run, selectOne, selectValue, touched } from './database/query';

/** Settings with the version two people's edits are checked against. */
const SETTINGS = { doc: document<Settings>(), version: number('revision') };

/** The settings as they are; or as they were at some moment, where one is given. */
export const readSettings = (t: Transaction, by: Date | null = null): Promise<RowOf<typeof SETTINGS> | null> =>
  selectOne(
    SETTINGS,
    'FROM settings WHERE $1::timestamptz IS NULL OR made_at <= $1 ORDER BY revision DESC LIMIT 1',
    [by],
    t,
  );

/** The first settings of a studio; those that are there stay. */
export const insertSettings = (doc: Settings, t: Transaction): Promise<void> =>
  run(
    'INSERT INTO settings (revision, doc) SELECT 1, $1::jsonb WHERE NOT EXISTS (SELECT 1 FROM settings) ON CONFLICT DO NOTHING',
    [JSON.stringify(doc)],
    t,
  );

/** Keeps changed settings as the next revision, if the one they were changed from is still the newest; false when it is not. */
export async function updateSettings(version: number, doc: Settings, t: Transaction): Promise<boolean> {
  const count = await touched(
    `INSERT INTO settings (revision, doc, made_at)
       SELECT $1 + 1, $2::jsonb, date_trunc('milliseconds', clock_timestamp()) WHERE (SELECT max(revision) FROM settings) = $1
     ON CONFLICT DO NOTHING`,
    [version, JSON.stringify(doc)],
    t,
  );
  return count === 1;
}

/** A mark that changes with anything a reckoning needs of the studio, and with nothing else. */
export async function studioMark(t: Transaction): Promise<string> {
  return (await selectValue({ mark: text() }, 'FROM studio_mark', [], t)).mark;
}
