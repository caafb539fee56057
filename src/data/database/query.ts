import { QueryTypes, type Transaction } from 'sequelize';
import { checked, written, type Columns, type RowOf } from './columns';
import { database } from './connection';

const ask = (sql: string, bind: readonly unknown[], t: Transaction): Promise<object[]> =>
  database().query<object>(sql, { bind: [...bind], type: QueryTypes.SELECT, transaction: t });

/** Rows of some columns; `from` is all that follows them. Values are bound, never written into the text. */
export async function select<C extends Columns>(
  columns: C,
  from: string,
  bind: readonly unknown[],
  t: Transaction,
): Promise<RowOf<C>[]> {
  return checked(columns, await ask(`SELECT ${written(columns)} ${from}`, bind, t));
}

/** The first of them, or null. */
export async function selectOne<C extends Columns>(
  columns: C,
  from: string,
  bind: readonly unknown[],
  t: Transaction,
): Promise<RowOf<C> | null> {
  return (await select(columns, from, bind, t))[0] ?? null;
}

/** What there is always one of: a count, a mark. */
export async function selectValue<C extends Columns>(
  columns: C,
  from: string,
  bind: readonly unknown[],
  t: Transaction,
): Promise<RowOf<C>> {
  const row = await selectOne(columns, from, bind, t);
  if (!row) throw new Error(`nothing came ${from}`);
  return row;
}

/** The next rows of a cursor that the transaction has declared. */
export async function fetchRows<C extends Columns>(
  columns: C,
  count: number,
  cursor: string,
  t: Transaction,
): Promise<RowOf<C>[]> {
  return checked(columns, await ask(`FETCH ${count} FROM ${cursor}`, [], t));
}

/** Does a statement and answers with some columns of the rows it touched. */
export async function returning<C extends Columns>(
  columns: C,
  statement: string,
  bind: readonly unknown[],
  t: Transaction,
): Promise<RowOf<C>[]> {
  return checked(columns, await ask(`${statement} RETURNING ${written(columns)}`, bind, t));
}

/** Does a statement; answers how many rows it touched. */
export async function touched(statement: string, bind: readonly unknown[], t: Transaction): Promise<number> {
  return (await ask(`${statement} RETURNING 1`, bind, t)).length;
}

/** A statement whose answer nobody needs. */
export async function run(sql: string, bind: readonly unknown[], t: Transaction): Promise<void> {
  await database().query(sql, { bind: [...bind], transaction: t });
}
