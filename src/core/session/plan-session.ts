import type { Group } from '../cut';
import type { Catalogue } from '../project';
import type { Figures, Settings } from '../studio';
import { keptPlan, recordCuts, type CutRecord } from './cut-record';
import { groupOf, planSeats, seatOf, type PlannedSeat, type SeatPlan, type SeatRecord } from '../seat';
import { oldWrist } from './old-wrist';
import type { SessionRecord } from './session-record';

/** A session with its seats and its studio, as server and browser both have it. */
export interface WholeSession {
  readonly session: SessionRecord & { readonly cut_done: CutRecord | null };
  readonly seats: readonly SeatRecord[];
  readonly studio: { readonly settings: Settings; readonly catalogue: Catalogue };
}

export interface SessionPlan {
  readonly seats: readonly PlannedSeat[];
  /** What stock, kits and papers of this session reckon with: as it was when it was cut, else the studio's own. */
  readonly figures: Figures;
  readonly group: Group;
}

/**
 * Plans the seats of a session one by one, so that whoever plans it next has them already: between two of them something else may be
 * done.
 *
 * @example
 * [...planInTurn(view)].length // 2
 */
export function planInTurn(whole: WholeSession): Iterable<void> {
  return turns(whole);
}

function* turns({ session, seats, studio: { settings, catalogue } }: WholeSession): Generator<void> {
  const asked = seats.map((record) => seatOf(record, session.school ?? settings.school, catalogue.projects));
  const group = groupOf(asked);
  for (const [i, seat] of asked.entries()) {
    const kept = session.cut_done && keptPlan(session.cut_done, seats[i]!.id, seat, catalogue.projects);
    if (!kept) planSeats([seat], catalogue, settings.figures, group);
    yield;
  }
}

/**
 * Plans a session: what is cut stands as it was cut, everything else follows the studio as it is now. The one way to a session's
 * lengths, for every screen, paper, reservation and outlook.
 *
 * @example
 * planSession(view).seats.map(({ plan: { label }, kept }) => [label, kept]) // [['Ada', false], ['Bo', false]]
 */
export function planSession({ session, seats, studio: { settings, catalogue } }: WholeSession): SessionPlan {
  const asked = seats.map((record) => seatOf(record, session.school ?? settings.school, catalogue.projects));
  const group = groupOf(asked);
  const done = session.cut_done;
  const kept = asked.map((seat, i) => done && keptPlan(done, seats[i]!.id, seat, catalogue.projects));
  const open = planSeats(
    asked.filter((_, i) => !kept[i]),
    catalogue,
    settings.figures,
    group,
  );
  let next = 0;
  const planned = (record: SeatRecord): SeatPlan => {
    const plan = open[next++]!;
    const more = oldWrist(record, session.held_on, settings.figures);
    return more.length > 0 ? { ...plan, messages: [...plan.messages, ...more] } : plan;
  };
  return {
    seats: seats.map((record, i) => ({
      id: record.id,
      record,
      plan: kept[i] ?? planned(record),
      accepted: record.accepted,
      kept: Boolean(kept[i]),
    })),
    figures: done?.bases.at(-1)?.figures ?? settings.figures,
    group,
  };
}

/**
 * A session's cords as they are cut now, to be kept.
 *
 * @example
 * cutNow(view, planSession(view), '2030-05-04').seats.map(({ label }) => label) // ['Ada', 'Bo']
 */
export function cutNow(whole: WholeSession, plan: SessionPlan, on: string): CutRecord {
  const { session, studio } = whole;
  const { settings, catalogue } = studio;
  return recordCuts(
    plan.seats.map(({ id, record, plan: own, kept }) => ({
      id,
      person: record.person_id,
      seat: seatOf(record, session.school ?? settings.school, catalogue.projects),
      plan: own,
      kept,
    })),
    session.cut_done,
    { catalogue, figures: settings.figures, group: plan.group },
    on,
  );
}
