import type { Transaction } from 'sequelize';
import { text } from './columns';
import { fetchRows, run } from './query';

/** A batch is read to be about this large, so that rows of any size are read in the same memory. */
const BATCH_CHARS = 80_000;
const [FIRST_ROWS, MAX_ROWS] = [20, 300];
const ROW = { row: text() };

/**
 * Texts of a query, in batches: a cursor within the transaction, so that no more of them are in memory than are written at once. A
 * transaction has one at a time.
 *
 * @param from all that follows the one column
 */
export async function* textsByCursor(column: string, from: string, t: Transaction): AsyncGenerator<readonly string[]> {
  await run(`DECLARE texts NO SCROLL CURSOR FOR SELECT ${column} AS row ${from}`, [], t);
  let count = FIRST_ROWS;
  for (;;) {
    const rows = (await fetchRows(ROW, count, 'texts', t)).map(({ row }) => row);
    if (rows.length === 0) break;
    yield rows;
    const chars = rows.reduce((sum, row) => sum + row.length, 0);
    count = Math.max(1, Math.min(MAX_ROWS, Math.round((count * BATCH_CHARS) / Math.max(chars, 1))));
  }
  await run('CLOSE texts', [], t);
}
