import type { Transaction } from 'sequelize';
import { text } from './database/columns';
import { returning } from './database/query';

/** Notes what a key was sent with, the first time; answers what it was first sent with. */
export async function markOfKey(key: string, mark: string, t: Transaction): Promise<string> {
  const rows = await returning(
    { mark: text() },
    'INSERT INTO asked (key, mark) VALUES ($1, $2) ON CONFLICT (key) DO UPDATE SET key = EXCLUDED.key',
    [key, mark],
    t,
  );
  return rows[0]!.mark;
}
