import { QueryTypes, type Transaction } from 'sequelize';
import { database } from './connection';

/** Rows of a SELECT, or of a statement that returns some. Values are bound, never written into the text. */
export const select = <Row extends object>(sql: string, bind: unknown[], t: Transaction): Promise<Row[]> =>
  database().query<Row>(sql, { bind, type: QueryTypes.SELECT, transaction: t });

/** A statement whose answer nobody needs. */
export async function run(sql: string, bind: unknown[], t: Transaction): Promise<void> {
  await database().query(sql, { bind, transaction: t });
}
