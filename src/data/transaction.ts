import {
  ConnectionAcquireTimeoutError,
  ConnectionError,
  DatabaseError,
  UniqueConstraintError,
  type Transaction,
} from 'sequelize';
import { Problem } from '../core/problem';
import { database } from './connection';
import { models } from './models';

/** SQLSTATEs of a server that is stopping, starting, gone or full. */
const GONE = /^(57P0[123]|08...|53300)$/;
const LOST = /Connection terminated|ECONNREFUSED|ECONNRESET|EPIPE|Query read timeout|not queryable|timeout exceeded/i;

function databaseIsAway(error: unknown): boolean {
  if (error instanceof ConnectionError || error instanceof ConnectionAcquireTimeoutError) return true;
  const code = error instanceof DatabaseError ? (error.original as { code?: string }).code : undefined;
  return (code !== undefined && GONE.test(code)) || (error instanceof Error && LOST.test(error.message));
}

/** Runs a use case in one transaction: all of it is stored, or none. */
export async function inTransaction<T>(work: (t: Transaction) => Promise<T>): Promise<T> {
  models();
  try {
    return await database().transaction(work);
  } catch (error) {
    if (databaseIsAway(error))
      throw new Problem(
        503,
        'database-away',
        'The database cannot be reached just now. Nothing was stored; try again in a moment.',
      );
    // The ledger's own guard, should two writers slip past a look before: nothing is taken that is not there.
    if (error instanceof DatabaseError && /lots_(hand|held)_check|holds_held_check/.test(error.message))
      throw new Problem(
        409,
        'not-enough',
        'Somebody else took it at the same moment. Look at what is left and try again.',
      );
    if (error instanceof UniqueConstraintError)
      throw new Problem(
        409,
        'at-once',
        'Somebody else did the same at the same moment. Look at what is there now and try again.',
      );
    throw error;
  }
}
