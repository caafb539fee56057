import { format } from 'date-fns';
import {
  cutKey,
  cutNow,
  cutsDone,
  planSession,
  type NewSeat,
  type SeatChanges,
  type SeatRecord,
  type SessionEdit,
  type SessionRecord,
} from '../../core/session';
import type { SessionView } from '../../app/session';

/** Something a person did to the session, kept until the server has it. */
export type Operation =
  | { readonly kind: 'seat'; readonly id: string; readonly changes: SeatChanges }
  | { readonly kind: 'seats'; readonly edits: readonly { readonly id: string; readonly changes: SeatChanges }[] }
  | { readonly kind: 'session'; readonly changes: SessionEdit['changes'] }
  | { readonly kind: 'add'; readonly seats: readonly NewSeat[] }
  | { readonly kind: 'remove'; readonly id: string }
  | { readonly kind: 'ticks'; readonly ticks: string[] }
  /** `seen` are the lengths that were before the person, in a line each. */
  | { readonly kind: 'cut'; readonly cut: boolean; readonly seen: readonly string[] };

/** A new seat as it will be until the server answers. */
function draftSeat(seat: NewSeat, position: number): SeatRecord {
  return {
    age: null,
    avoid: [],
    skill: 'new',
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
    wrist_on: null,
    version: 1,
    person_version: 1,
    position,
    ...seat,
    person_id: seat.person_id ?? '',
  };
}

/** A wrist and how it was taken stand or fall together, as the server keeps them. */
function withWrist(changes: SeatChanges, before: SeatRecord): Partial<SeatRecord> {
  if (changes.wrist_mm === undefined) return {};
  if (changes.wrist_mm === null) return { wrist_method: null };
  return {
    wrist_method:
      changes.wrist_method ??
      (before.wrist_method === 'estimate' || before.wrist_method === null ? 'tape' : before.wrist_method),
  };
}

/** A seat with changes; a project newly chosen is planned with its newest revision. */
function changed(seat: SeatRecord, changes: SeatChanges): SeatRecord {
  const revision = changes.project !== undefined && changes.project !== seat.project ? { project_revision: null } : {};
  return { ...seat, ...revision, ...changes, ...withWrist(changes, seat) };
}

/** The view as it will be once an operation is stored. */
export function applyOperation(view: SessionView, operation: Operation): SessionView {
  switch (operation.kind) {
    case 'session':
      return { ...view, session: { ...view.session, ...operation.changes } };
    case 'cut':
      return {
        ...view,
        session: {
          ...view.session,
          cut_done: operation.cut ? cutNow(view, planSession(view), format(new Date(), 'yyyy-MM-dd')) : null,
        },
      };
    case 'ticks': {
      const kits = { issued: view.session.kits?.issued ?? null, ticks: operation.ticks };
      return { ...view, session: { ...view.session, kits } };
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

const pick = <T extends object>(from: T, keys: readonly string[]): Partial<T> =>
  Object.fromEntries(keys.map((key) => [key, from[key as keyof T]])) as Partial<T>;

/** What takes changes to a seat back; nothing where the seat is not there, or is said to be somebody else: two people became one. */
function changesBack(view: SessionView, id: string, changes: SeatChanges): SeatChanges | null {
  const seat = view.seats.find((s) => s.id === id);
  if (!seat || changes.person_id !== undefined) return null;
  const keys = Object.keys(changes);
  if (keys.includes('wrist_mm')) keys.push('wrist_method');
  if (keys.includes('project')) keys.push('project_revision');
  return pick<SeatRecord>(seat, keys) as SeatChanges;
}

/** What takes an operation back, given the view before it; null for one that is not to be undone here. */
export function inverseOf(view: SessionView, operation: Operation): Operation | null {
  switch (operation.kind) {
    case 'session':
      return { kind: 'session', changes: pick<SessionRecord>(view.session, Object.keys(operation.changes)) };
    case 'seat': {
      const changes = changesBack(view, operation.id, operation.changes);
      return changes && { kind: 'seat', id: operation.id, changes };
    }
    case 'seats': {
      const edits = operation.edits.flatMap(({ id, changes }) => {
        const back = changesBack(view, id, changes);
        return back ? [{ id, changes: back }] : [];
      });
      return edits.length > 0 ? { kind: 'seats', edits } : null;
    }
    case 'remove': {
      const seat = view.seats.find((s) => s.id === operation.id);
      if (!seat) return null;
      // With its person: whoever else has that name is somebody else.
      const { version: _v, person_version: _pv, wrist_on: _w, ...rest } = seat;
      return { kind: 'add', seats: [rest] };
    }
    case 'cut':
      return {
        kind: 'cut',
        cut: view.session.cut_done !== null,
        seen: view.session.cut_done ? cutsDone(view.session.cut_done).map(cutKey) : [],
      };
    case 'ticks':
      return { kind: 'ticks', ticks: view.session.kits?.ticks ?? [] };
    case 'add':
      return operation.seats.length === 1 ? { kind: 'remove', id: operation.seats[0]!.id } : null;
  }
}
