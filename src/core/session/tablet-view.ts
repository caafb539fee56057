import { estimateHand, innerOf } from '../fit';
import type { SeatPlan, SeatRecord } from '../seat';
import type { Figures } from '../studio';
import type { SeatCut } from './cut-record';
import { cutNow, type SessionPlan } from './plan-session';
import type { SessionView } from './view';

/** What a seat says of its person's body and record: a tablet is not sent it. */
const PERSONAL = [
  'person_id',
  'person_version',
  'age',
  'avoid',
  'wrist_mm',
  'wrist_method',
  'wrist_on',
  'hand_mm',
  'made',
  'note',
] as const;
type Personal = (typeof PERSONAL)[number];

/** A session as a tablet of the room is sent it. */
export type TabletView = Omit<SessionView, 'seats'> & { readonly seats: readonly Omit<SeatRecord, Personal>[] };

const NOT_SENT: Pick<SeatRecord, Personal> = {
  person_id: '',
  person_version: 0,
  age: null,
  avoid: [],
  wrist_mm: null,
  wrist_method: null,
  wrist_on: null,
  hand_mm: null,
  made: null,
  note: '',
};

function withoutPersonal(seat: SeatRecord): TabletView['seats'][number] {
  const sent: Partial<SeatRecord> = { ...seat };
  for (const field of PERSONAL) delete sent[field];
  return sent as TabletView['seats'][number];
}

/**
 * One seat's plan without its person: the piece is resolved again from the measures it is made to, and a caution is a code alone.
 */
function cutForTablet(cut: SeatCut, { piece }: SeatPlan, figures: Figures): SeatCut {
  const { asks } = cut;
  if (!asks || !piece) return { ...cut, person: null, asks: null };
  const wrist = asks.size && 'wrist' in asks.size ? asks.size.wrist : figures.wrist_adult;
  const isHandNeeded = piece.choices.loop === 'wrist' || piece.project.opens === 'slides';
  return {
    ...cut,
    person: null,
    asks: {
      ...asks,
      size:
        asks.size && 'closed' in asks.size
          ? asks.size
          : { finished: innerOf(asks.size ?? { wrist }, asks.ease, figures) },
      hand: isHandNeeded ? (asks.hand ?? estimateHand(wrist, figures)) : null,
      age: null,
      avoid: [],
      options: piece.flame ? asks.options : { ...asks.options, flame: false },
    },
    plan: {
      ...cut.plan,
      messages: cut.plan.messages
        .filter(({ level, code }) => level === 'error' || code === 'estimate')
        .map(({ level, code }) => ({ level, code, text: '', values: {} })),
      ...(cut.plan.fit && { fit: { ...cut.plan.fit, lines: [] } }),
      ...(cut.plan.cut && {
        cut: { ...cut.plan.cut, cuts: cut.plan.cut.cuts.map((own) => ({ ...own, anatomy: [] })) },
      }),
    },
  };
}

/**
 * What a tablet of the room needs of a session: names, pieces and their plans as this server made them. No age, wrist, hand, skin
 * note or person id is in it, nor what else is known of the session's people, stock and records.
 *
 * @example
 * 'age' in forTablet(view, planSession(view)).seats[0] // false
 */
export function forTablet(view: SessionView, plan: SessionPlan): TabletView {
  const planned = cutNow(view, plan, view.session.held_on);
  const plans = new Map(plan.seats.map((seat) => [seat.id, seat.plan]));
  return {
    ...view,
    noted: {},
    since: null,
    session: {
      ...view.session,
      lanes: null,
      wrap: null,
      cut_done: {
        ...planned,
        // The largest wrist of a group is somebody's.
        bases: planned.bases.map((basis) => ({ ...basis, group: { wrist: 0 } })),
        seats: planned.seats.map((cut) => cutForTablet(cut, plans.get(cut.seat)!, plan.figures)),
      },
    },
    seats: view.seats.map(withoutPersonal),
  };
}

/**
 * A session as it was sent, to be shown: what a tablet was not sent is blank. A whole view stays as it is.
 *
 * @example
 * fromTablet(view).seats[0].name === view.seats[0].name // true
 */
export const fromTablet = (view: TabletView | SessionView): SessionView => ({
  ...view,
  seats: view.seats.map((seat) => ({ ...NOT_SENT, ...seat })),
});
