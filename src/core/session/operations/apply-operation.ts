import { NO_WRIST, wristAfter } from '../../person';
import type { NewSeat, SeatChanges, SeatRecord } from '../../seat';
import { sayMore } from '../../record';
import { cutNow, planSession } from '../plan-session';
import type { SessionView } from '../view';
import type { Operation } from './operation';

/** A new seat as it will be until the server answers. */
function draftSeat(seat: NewSeat, position: number): SeatRecord {
  return {
    age: null,
    avoid: [],
    skill: null,
    wrist_mm: null,
    wrist_method: null,
    hand_mm: null,
    ease: 'easy',
    project: null,
    project_revision: null,
    band_mm: null,
    options: {},
    cords: {},
    school: null,
    accepted: false,
    wishes: [],
    note: '',
    made: null,
    wrist_on: null,
    version: 1,
    person_version: 1,
    position,
    ...seat,
    ...wristAfter(seat, NO_WRIST),
    person_id: seat.person_id ?? '',
  };
}

/** A seat with changes; a project newly chosen is planned with its newest revision. */
function changed(seat: SeatRecord, changes: SeatChanges): SeatRecord {
  const revision = changes.project !== undefined && changes.project !== seat.project ? { project_revision: null } : {};
  return { ...seat, ...revision, ...changes, ...wristAfter(changes, seat) };
}

/**
 * The view as it will be once an operation is stored.
 *
 * @example
 * applyOperation(view, { kind: 'remove', id: view.seats[0].id }).seats.length // 1
 */
export function applyOperation(view: SessionView, operation: Operation): SessionView {
  switch (operation.kind) {
    case 'session':
      return { ...view, session: { ...view.session, ...operation.changes } };
    case 'cut':
      return {
        ...view,
        session: {
          ...view.session,
          cut_done: operation.cut ? cutNow(view, planSession(view), operation.on) : null,
        },
      };
    case 'ticks': {
      const kits = { issued: view.session.kits?.issued ?? null, ticks: operation.ticks };
      return { ...view, session: { ...view.session, kits } };
    }
    case 'wrap':
      return { ...view, session: { ...view.session, wrap: operation.wrap } };
    case 'record': {
      const before = view.noted[operation.seat] ?? { said: {}, minutes: null };
      const noted = { ...before, said: sayMore(before.said, operation.said) };
      return { ...view, noted: { ...view.noted, [operation.seat]: noted } };
    }
    case 'remove':
      return { ...view, seats: view.seats.filter((seat) => seat.id !== operation.id) };
    case 'add': {
      const last = Math.max(-1, ...view.seats.map((seat) => seat.position));
      const fresh = operation.seats.filter((seat) => !view.seats.some((other) => other.id === seat.id));
      const seats = [...view.seats, ...fresh.map((seat, i) => draftSeat(seat, seat.position ?? last + 1 + i))];
      return { ...view, seats: seats.sort((a, b) => a.position - b.position) };
    }
    case 'seat':
      return {
        ...view,
        seats: view.seats.map((seat) => (seat.id === operation.id ? changed(seat, operation.changes) : seat)),
      };
    case 'seats': {
      const edits = new Map(operation.edits.map(({ id, changes }) => [id, changes]));
      return {
        ...view,
        seats: view.seats.map((seat) => (edits.has(seat.id) ? changed(seat, edits.get(seat.id)!) : seat)),
      };
    }
  }
}
