import { summaryOf } from '../../core/bench';
import { beadOf, coloursOf, type BeadState } from '../../core/seat';
import { cutsDone, planSession, stagesOf, type StageState } from '../../core/session';
import type { Settings } from '../../core/studio';
import { progressOf } from '../../data/progress';
import { saidInSessions } from '../../data/records';
import { sessionsFrom } from '../../data/sessions';
import { seatsOf } from '../../data/seats';
import { inTransaction } from '../../data/database/transaction';
import { netSessions, type ItemOutlook } from '../buying/outlook';

import { notedOf } from '../records/noted';
import { readStudio, withRevisions } from '../studio/studio';

/** A session ahead, at a glance. */
export interface SessionAhead {
  readonly id: string;
  readonly title: string;
  readonly held_on: string;
  readonly starts_at: string | null;
  readonly minutes: number | null;
  readonly place: string;
  readonly stages: readonly StageState[];
  readonly beads: readonly { readonly name: string; readonly state: BeadState; readonly colours: readonly string[] }[];
}

/** What needs an instructor: the sessions ahead, and what they lack. */
export interface TodayView {
  readonly studio: Pick<Settings, 'name' | 'units'>;
  readonly sessions: readonly SessionAhead[];
  readonly short: readonly ItemOutlook[];
}

/** As many sessions ahead as one looks at on a page. */
const AHEAD = 8;

/** The sessions from a day on, soonest first, with the state of every seat, and what is short for them. */
export function openToday(day: string): Promise<TodayView> {
  return inTransaction(async (t) => {
    const found = await sessionsFrom(day, AHEAD, t);
    const seats = await seatsOf(
      found.map((session) => session.id),
      t,
    );
    const studio = await withRevisions(await readStudio(t), [...seats.values()].flat(), t);
    const progress = await progressOf(
      found.map((session) => session.id),
      t,
    );
    const said = await saidInSessions(
      found.map((session) => session.id),
      t,
    );
    const planned = found.map((session) => ({
      session,
      ...planSession({ session, seats: seats.get(session.id)!, studio }),
    }));
    return {
      studio: studio.settings,
      sessions: planned.map(({ session, seats: staged }) => ({
        id: session.id,
        title: session.title,
        held_on: session.held_on,
        starts_at: session.starts_at,
        minutes: session.minutes,
        place: session.place,
        stages: stagesOf(
          staged,
          session.cut_done && cutsDone(session.cut_done),
          session.kits,
          summaryOf(progress.get(session.id)!),
          session.wrap,
          notedOf(seats.get(session.id)!, said.get(session.id) ?? [], []),
        ),
        beads: staged.map(({ plan }) => ({ name: plan.label, state: beadOf(plan), colours: coloursOf(plan) })),
      })),
      short: (await netSessions(planned, studio, t)).filter((item) => item.short > 0),
    };
  });
}
