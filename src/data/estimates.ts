import type { Transaction } from 'sequelize';
import type { FigureSaid, Foresight, MakerSaid, Point } from '../core/record';
import { document, text } from './database/columns';
import { run, select, selectOne } from './database/query';

/** What was learned beside the figures themselves. */
export interface LearnedDoc {
  readonly records: number;
  readonly foresight: readonly Foresight[];
  /** Those with most records. */
  readonly makers: readonly MakerSaid[];
}

/** A figure as the records say it, without the points it was learned from. */
export type FigureLine = Omit<FigureSaid, 'points'>;

/** What was last learned, and from what, by a mark of it. */
export const readLearned = (t: Transaction) =>
  selectOne(
    { mark: text(), at: text("to_char(made_at, 'YYYY-MM-DD')"), doc: document<LearnedDoc>() },
    'FROM learned',
    [],
    t,
  );

export async function readEstimates(t: Transaction): Promise<FigureLine[]> {
  const rows = await select({ doc: document<FigureLine>() }, 'FROM estimates ORDER BY figure', [], t);
  return rows.map(({ doc }) => doc);
}

/** One figure with its points; null where nothing is said of it. */
export async function readEstimate(figure: string, t: Transaction): Promise<FigureSaid | null> {
  const row = await selectOne(
    { doc: document<FigureLine>(), points: document<readonly Point[]>() },
    'FROM estimates WHERE figure = $1',
    [figure],
    t,
  );
  return row && { ...row.doc, points: row.points };
}

/** Keeps what was learned, in the place of what was before. */
export async function storeLearned(
  mark: string,
  doc: LearnedDoc,
  figures: readonly FigureSaid[],
  t: Transaction,
): Promise<void> {
  await run("SELECT pg_advisory_xact_lock(hashtextextended('learned', 0))", [], t);
  await run('DELETE FROM estimates', [], t);
  await run(
    `INSERT INTO estimates (figure, doc, points)
     SELECT e->>'key', e - 'points', e->'points' FROM jsonb_array_elements($1::jsonb) AS e`,
    [JSON.stringify(figures)],
    t,
  );
  await run(
    `INSERT INTO learned (mark, doc) VALUES ($1, $2::jsonb)
     ON CONFLICT (one) DO UPDATE SET mark = EXCLUDED.mark, doc = EXCLUDED.doc, made_at = now()`,
    [mark, JSON.stringify(doc)],
    t,
  );
}
