import { beadOf, coloursOf, stagesOf, type BeadState, type StageState } from '../core/session';
import { sessionsFrom, seatsOf } from '../data/sessions';
import { inTransaction } from '../data/transaction';
import { stageSeats } from './session';
import { readStudio, withRevisions } from './studio';

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

/** As many sessions ahead as one looks at on a page. */
const AHEAD = 8;

/** The sessions from a day on, soonest first, with the state of every seat. */
export function sessionsAhead(day: string): Promise<{ studio: string; sessions: SessionAhead[] }> {
  return inTransaction(async (t) => {
    const sessions = await sessionsFrom(day, AHEAD, t);
    const seats = await seatsOf(
      sessions.map((session) => session.id),
      t,
    );
    const studio = await withRevisions(await readStudio(t), [...seats.values()].flat(), t);
    const ahead = sessions.map(({ id, title, held_on, starts_at, minutes, place, ...session }) => {
      const staged = stageSeats(seats.get(id)!, { ...session, id, title, held_on, starts_at, minutes, place }, studio);
      return {
        id,
        title,
        held_on,
        starts_at,
        minutes,
        place,
        stages: stagesOf(staged, session.cut_done, session.kits),
        beads: staged.map(({ plan }) => ({ name: plan.label, state: beadOf(plan), colours: coloursOf(plan) })),
      };
    });
    return { studio: studio.settings.name, sessions: ahead };
  });
}
