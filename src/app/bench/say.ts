import type { Transaction } from 'sequelize';
import type { ProgressEntry, Said } from '../../core/bench';
import { addProgress } from '../../data/progress';
import { seatsOf } from '../../data/seats';
import { inTransaction } from '../../data/database/transaction';
import { findStanding } from '../session/session';

/** What came of saying something: what was added, and what was said of seats that are not there (any more). */
export interface SaidAnswer {
  readonly added: readonly ProgressEntry[];
  readonly nobody: readonly string[];
}

/** When something was said, by this server's clock: a device's own says only how long ago. */
const momentsOf = (said: readonly Said[]): (Omit<Said, 'ago_ms'> & { at: Date })[] =>
  said.map(({ ago_ms, ...rest }) => ({ ...rest, at: new Date(Date.now() - ago_ms) }));

/** Adds what a device says at a session's bench; sent twice it is added once. */
export function sayAtBench(session: string, said: readonly Said[], by: string): Promise<SaidAnswer> {
  return inTransaction(async (t) => {
    await findStanding(session, t);
    const seats = new Set((await seatsOf([session], t)).get(session)!.map(({ id }) => id));
    const isThere = ({ seat }: Said): boolean => seat === null || seats.has(seat);
    return {
      added: await addProgress(session, momentsOf(said.filter(isThere)), by, t),
      nobody: said.filter((one) => !isThere(one)).map(({ key }) => key),
    };
  });
}

/** The same of one seat, within a transaction that has found it. */
export const sayOfSeat = (
  session: string,
  said: readonly Said[],
  by: string,
  t: Transaction,
): Promise<ProgressEntry[]> => addProgress(session, momentsOf(said), by, t);
