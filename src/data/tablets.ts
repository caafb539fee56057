import type { Transaction } from 'sequelize';
import { text } from './database/columns';
import { returning, run, select, selectOne, touched } from './database/query';

/** A tablet that is paired for a day. */
export interface Tablet {
  readonly id: string;
  readonly name: string;
  readonly day: string;
}
const TABLET = { id: text(), name: text(), day: text('day') };

/** Keeps a code, by what it is known by, for so many minutes; codes that are past are forgotten. */
export async function keepCode(mark: string, minutes: number, t: Transaction): Promise<void> {
  await run("DELETE FROM pairing_codes WHERE until < now() - interval '1 day'", [], t);
  await run(
    "INSERT INTO pairing_codes (mark, until) VALUES ($1, now() + $2 * interval '1 minute')",
    [mark, minutes],
    t,
  );
}

/** Uses a code up; false where there is none such, it is past, or was used. */
export async function useCode(mark: string, t: Transaction): Promise<boolean> {
  const used = await touched(
    'UPDATE pairing_codes SET used_at = now() WHERE mark = $1 AND used_at IS NULL AND until > now()',
    [mark],
    t,
  );
  return used === 1;
}

/** Pairs a tablet, numbered among the day's. */
export async function insertTablet(id: string, mark: string, day: string, t: Transaction): Promise<Tablet> {
  const rows = await returning(
    TABLET,
    `INSERT INTO tablets (id, name, mark, day)
      SELECT $1, 'Tablet ' || (count(*) + 1), $2, $3::date FROM tablets WHERE day = $3::date`,
    [id, mark, day],
    t,
  );
  return rows[0]!;
}

/** The tablet that is known by a mark, while it is paired. */
export function findTablet(mark: string, t: Transaction): Promise<Tablet | null> {
  return selectOne(TABLET, 'FROM tablets WHERE mark = $1 AND revoked_at IS NULL', [mark], t);
}

/** The tablets that are paired for a day. */
export function tabletsOf(day: string, t: Transaction): Promise<Tablet[]> {
  return select(TABLET, 'FROM tablets WHERE day = $1 AND revoked_at IS NULL ORDER BY paired_at', [day], t);
}

/** Lets a tablet in no longer. */
export async function revokeTablet(id: string, t: Transaction): Promise<void> {
  await run('UPDATE tablets SET revoked_at = now() WHERE id = $1 AND revoked_at IS NULL', [id], t);
}
