import {
  ConnectionAcquireTimeoutError,
  ConnectionError,
  DatabaseError,
  Transaction,
  UniqueConstraintError,
} from 'sequelize';
import { Problem } from '../../core/problem';
import { bulkDatabase, database } from './connection';
import { models } from './models';

/** SQLSTATEs of a server that is stopping, starting, gone or full. */
const GONE = /^(57P0[123]|08...|53300)$/;
const LOST = /Connection terminated|ECONNREFUSED|ECONNRESET|EPIPE|Query read timeout|not queryable|timeout exceeded/i;

function databaseIsAway(error: unknown): boolean {
  if (error instanceof ConnectionError || error instanceof ConnectionAcquireTimeoutError) return true;
  const code = codeOf(error);
  return (code !== undefined && GONE.test(code)) || (error instanceof Error && LOST.test(error.message));
}

const codeOf = (error: unknown): string | undefined =>
  error instanceof DatabaseError ? (error.original as { code?: string }).code : undefined;

/** Two transactions that could not both go on: the one that was ended may be done again, and will find what the other did. */
const AGAIN = new Set(['40P01', '40001']);
const MOST_TIMES = 14;

/** A value that a column cannot hold: a sum past what it counts to, a day that is none, a text with a sign it does not take. */
const UNFIT = /^22/;

/** A database's failure as a person can do something about it; any other as it is. */
function told(error: unknown): unknown {
  if (databaseIsAway(error))
    return new Problem(
      503,
      'database-away',
      'The database cannot be reached just now. Nothing was stored; try again in a moment.',
    );
  // The ledger's own guard, should two writers slip past a look before: nothing is taken that is not there.
  if (error instanceof DatabaseError && /lots_(hand|held)_check|holds_held_check/.test(error.message))
    return new Problem(
      409,
      'not-enough',
      'Somebody else took it at the same moment. Look at what is left and try again.',
    );
  if (error instanceof UniqueConstraintError || AGAIN.has(codeOf(error) ?? ''))
    return new Problem(
      409,
      'at-once',
      'Somebody else did the same at the same moment. Look at what is there now and try again.',
    );
  if (UNFIT.test(codeOf(error) ?? ''))
    return new Problem(422, 'out-of-range', 'A number, day or text of this is beyond what can be kept.');
  return error;
}

/** Runs an export or import in one transaction of its own connections, once: it may take minutes, and its input does not come twice. */
export async function inBulkTransaction<T>(work: (t: Transaction) => Promise<T>): Promise<T> {
  models();
  try {
    return await bulkDatabase().transaction({ isolationLevel: Transaction.ISOLATION_LEVELS.REPEATABLE_READ }, work);
  } catch (error) {
    throw told(error);
  }
}

/**
 * What a generator yields within one such transaction. The transaction ends with the generator, also when its reader stops early.
 *
 * @throws where it fails, as a use case does
 */
export async function* inBulkStream<T>(work: (t: Transaction) => AsyncGenerator<T>): AsyncGenerator<T> {
  models();
  let t: Transaction | null = null;
  let isDone = false;
  try {
    t = await bulkDatabase().transaction({ isolationLevel: Transaction.ISOLATION_LEVELS.REPEATABLE_READ });
    yield* work(t);
    isDone = true;
  } catch (error) {
    throw told(error);
  } finally {
    await (isDone ? t?.commit() : t?.rollback())?.catch(() => undefined);
  }
}

/**
 * Runs a use case in one transaction: all of it is stored, or none. Where the database ended it so that another could go on, it is
 * done again from its beginning.
 */
export async function inTransaction<T>(work: (t: Transaction) => Promise<T>): Promise<T> {
  models();
  const isolationLevel = Transaction.ISOLATION_LEVELS.READ_COMMITTED;
  for (let time = 1; ; time++) {
    try {
      return await database().transaction({ isolationLevel }, work);
    } catch (error) {
      if (!AGAIN.has(codeOf(error) ?? '') || time === MOST_TIMES) throw told(error);
      // Not all at the same moment again.
      await new Promise((done) => setTimeout(done, Math.random() * Math.min(1500, 20 * 2 ** time)));
    }
  }
}
