import type { Transaction } from 'sequelize';
import type { FigureValue } from '../core/record';
import { document, number, orNull, text, truth, word } from './database/columns';
import { select, selectOne, touched } from './database/query';

/** How a figure came to be what it is: as records say it, left as it was although they say otherwise, set by hand, or taken back. */
export const HOWS = ['accepted', 'kept', 'set', 'taken back'] as const;
export type How = (typeof HOWS)[number];

const CHANGE = {
  n: number('c.n::float8'),
  at: text("to_char(c.made_at, 'YYYY-MM-DD')"),
  by: text('c.by_whom'),
  figure: text('c.figure'),
  how: word(HOWS, 'c.how'),
  was: document<FigureValue>('c.was'),
  is: document<FigureValue>('c.is_now'),
  records: number('c.records'),
  undoes: orNull(number('c.undoes::float8')),
  undone: truth('EXISTS (SELECT 1 FROM figure_changes u WHERE u.undoes = c.n)'),
};

/** The latest changes, newest first. */
export const listChanges = (limit: number, t: Transaction) =>
  select(CHANGE, 'FROM figure_changes c ORDER BY c.n DESC LIMIT $1', [limit], t);
export type FigureChange = Awaited<ReturnType<typeof listChanges>>[number];

export const findChange = (n: number, t: Transaction) =>
  selectOne(CHANGE, 'FROM figure_changes c WHERE c.n = $1', [n], t);

/** Notes a change; false where it was noted by its key before. */
export async function noteChange(
  change: Pick<FigureChange, 'by' | 'figure' | 'how' | 'was' | 'is' | 'records' | 'undoes'> & { readonly key: string },
  t: Transaction,
): Promise<boolean> {
  const { key, by, figure, how, was, is, records, undoes } = change;
  return (
    (await touched(
      `INSERT INTO figure_changes (key, by_whom, figure, how, was, is_now, records, undoes)
       VALUES ($1, $2, $3, $4, $5::jsonb, $6::jsonb, $7, $8) ON CONFLICT (key) DO NOTHING`,
      [key, by, figure, how, JSON.stringify(was), JSON.stringify(is), records, undoes],
      t,
    )) > 0
  );
}
