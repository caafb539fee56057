import type { Transaction } from 'sequelize';
import {
  benchOf,
  courseOf,
  mayUndo,
  seatAtWork,
  tiesAt,
  withinCourse,
  type ProgressEntry,
  type Said,
} from '../../core/bench';
import { resizePlan } from '../../core/making';
import { Problem } from '../../core/problem';
import { addProgress, lockBench, progressAfter } from '../../data/progress';
import { seatsOf } from '../../data/seats';
import { inTransaction } from '../../data/database/transaction';
import { planSession } from '../../core/session';
import { findStanding } from '../session/session';
import { readStudio, withRevisions } from '../studio/studio';

/** What came of entries sent to a bench: what was added, and the keys of those of seats that do not exist (any more). */
export interface SaidAnswer {
  readonly added: readonly ProgressEntry[];
  readonly nobody: readonly string[];
}

/** Adds what a device enters at a session's bench; sent twice it is added once. */
export function sayAtBench(session: string, said: readonly Said[], by: string): Promise<SaidAnswer> {
  return inTransaction(async (t) => {
    await findStanding(session, t);
    const seats = new Set((await seatsOf([session], t)).get(session)!.map(({ id }) => id));
    const isThere = ({ seat }: Said): boolean => seat === null || seats.has(seat);
    return {
      added: await addEntries(session, said.filter(isThere), by, t),
      nobody: said.filter((one) => !isThere(one)).map(({ key }) => key),
    };
  });
}

/**
 * Adds entries of seats that exist, within a transaction: an undo only of what its device may take back, a count only as far as the
 * piece has knots.
 */
export async function addEntries(
  session: string,
  said: readonly Said[],
  by: string,
  t: Transaction,
): Promise<ProgressEntry[]> {
  await lockBench(session, t);
  const isCounting = said.some(({ what }) => what === 'made');
  const known = isCounting || said.some(({ what }) => what === 'undo') ? await progressAfter(session, 0, t) : [];
  refuseForeignUndo(said, known, by);
  const worth = isCounting ? await counted(session, said, known, t) : said;
  // A device's own clock says only how long ago something was: the time stored is this server's.
  const dated = worth.map(({ ago_ms, ...rest }) => ({ ...rest, at: new Date(Date.now() - ago_ms) }));
  return addProgress(session, dated, by, t);
}

function refuseForeignUndo(said: readonly Said[], known: readonly ProgressEntry[], by: string): void {
  const targets = new Map<string, Pick<ProgressEntry, 'seat' | 'by'>>();
  for (const { key, seat, by: device } of known) targets.set(key, { seat, by: device });
  for (const [i, { key, seat, what, value }] of said.entries()) {
    const target = what === 'undo' ? targets.get(String(value)) : null;
    if (target === undefined || (target && !mayUndo({ seat, by }, target)))
      throw new Problem(
        422,
        'not-own',
        'Only an entry of the same seat, made on this device, can be undone from here.',
        {
          pointer: `/entries/${i}/value`,
        },
      );
    if (!targets.has(key)) targets.set(key, { seat, by });
  }
}

/** What is being entered, as if it were stored already. */
const asEntries = (said: readonly Said[], after: number): ProgressEntry[] =>
  said.map(({ ago_ms, ...one }, i) => ({
    ...one,
    n: after + i + 1,
    at: new Date(Date.now() - ago_ms).toISOString(),
    by: 'here',
  }));

async function counted(
  session: string,
  said: readonly Said[],
  known: readonly ProgressEntry[],
  t: Transaction,
): Promise<Said[]> {
  // Of the seats that are counted alone: a press in a full room plans one piece.
  const counting = new Set(said.flatMap(({ what, seat }) => (what === 'made' && seat !== null ? [seat] : [])));
  const records = (await seatsOf([session], t)).get(session)!.filter(({ id }) => counting.has(id));
  const studio = await withRevisions(await readStudio(t), records, t);
  const { seats } = planSession({ session: await findStanding(session, t), seats: records, studio });
  // As long as the bands are made: one that was lengthened at the table has more to count.
  const changed = benchOf([...known, ...asEntries(said, known.length)], () => 0);
  const courses = new Map(
    seats.flatMap(({ id, plan }) =>
      plan.fit ? [[id, courseOf(resizePlan(plan, seatAtWork(changed, id).resized))] as const] : [],
    ),
  );
  const bench = benchOf(known, (seat, mm) => {
    const course = courses.get(seat);
    return course ? tiesAt(course, mm) : 0;
  });
  const stored = new Set(known.map(({ key }) => key));
  return withinCourse(
    said.filter(({ key }) => !stored.has(key)),
    (seat) => seatAtWork(bench, seat).made,
    (seat) => courses.get(seat)?.ties ?? Infinity,
  );
}
