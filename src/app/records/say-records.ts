import { isDeepStrictEqual } from 'node:util';
import { benchOf, courseOf, seatAtWork, seenAtBench, tiesAt, type Bench } from '../../core/bench';
import { resizePlan } from '../../core/making';
import { Problem } from '../../core/problem';
import { plannedPiece, type PlannedPiece, type SaidOfPiece } from '../../core/record';
import { seatOf } from '../../core/seat';
import { STARTING_FIGURES } from '../../core/studio';
import type { SessionView, Wrap } from '../../core/session';
import { addRecords, recordsOfSession } from '../../data/records';
import { progressAfter } from '../../data/progress';
import { inTransaction } from '../../data/database/transaction';
import { changeSession, lockStanding, planOf, viewSession } from '../session/session';

/** What is said of a seat's piece; by its key, sent twice it is said once. */
export interface RecordSaid {
  readonly key: string;
  readonly seat: string;
  readonly said: SaidOfPiece;
}

/** The figures that a seat's cut rests on: as they were when it was cut, else the studio's. */
function figuresOf({ session, studio }: SessionView, seat: string) {
  const kept = session.cut_done?.seats.find((one) => one.seat === seat);
  const basis = kept?.basis == null ? undefined : session.cut_done!.bases[kept.basis];
  return basis ? { ...STARTING_FIGURES, ...basis.figures } : studio.settings.figures;
}

/** What each seat's record is held against, where it can be: as long as its band was made at the table. */
export function plannedSeats(view: SessionView, bench: Bench): Map<string, PlannedPiece | null> {
  const { session, studio } = view;
  return new Map(
    planOf(view).seats.map(({ id, record, plan }) => {
      const seat = seatOf(record, session.school ?? studio.settings.school, studio.catalogue.projects);
      const made = resizePlan(plan, seatAtWork(bench, id).resized);
      return [id, plannedPiece(seat, made, figuresOf(view, id), session.held_on)];
    }),
  );
}

/**
 * Adds what is said of a session's pieces. With the first that is said of one, what was planned of it is kept; and again where the plan
 * is another by now. What the bench saw goes along.
 */
export function sayOfPieces(id: string, records: readonly RecordSaid[]): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    const view = await viewSession(id, t);
    const [before, progress] = [await recordsOfSession(id, t), await progressAfter(id, 0, t)];
    const plans = new Map(planOf(view).seats.map((seat) => [seat.id, seat]));
    const bench = benchOf(progress, (seat, mm) => {
      const own = plans.get(seat);
      return own ? tiesAt(courseOf(own.plan), mm) : 0;
    });
    const planned = plannedSeats(view, bench);
    const last = new Map(before.flatMap((entry) => (entry.planned ? [[entry.piece, entry]] : [])));
    await addRecords(
      records.map(({ key, seat, said }, i) => {
        const own = plans.get(seat);
        if (!own)
          throw new Problem(422, 'no-such-seat', 'There is no such seat in this session (any more).', {
            pointer: `/records/${i}/seat`,
          });
        const now = { planned: planned.get(seat) ?? null, seen: seenAtBench(bench, progress, seat) };
        const was = last.get(seat);
        const stands = was !== undefined && isDeepStrictEqual({ planned: was.planned, seen: was.seen }, now);
        return {
          key,
          piece: seat,
          session: id,
          title: '',
          person: own.record.person_id,
          maker: null,
          ...(stands ? { planned: null, seen: null } : now),
          said,
        };
      }),
      t,
    );
    return viewSession(id, t);
  });
}

/** Keeps what a session is wrapped up with beside its records. */
export function wrapUp(id: string, version: number, wrap: Wrap): Promise<SessionView> {
  return inTransaction(async (t) => {
    await changeSession(id, version, { wrap }, t);
    return viewSession(id, t);
  });
}
