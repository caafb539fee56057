import type { CutDone, NewSeat, SeatChanges, SeatRecord, SessionEdit, SessionRecord } from '../../core/session';
import type { SessionView } from '../../app/session';

/** Something a person did to the session, kept until the server has it. */
export type Operation =
  | { readonly kind: 'seat'; readonly id: string; readonly changes: SeatChanges }
  | { readonly kind: 'session'; readonly changes: SessionEdit['changes'] }
  | { readonly kind: 'add'; readonly seats: readonly NewSeat[] }
  | { readonly kind: 'remove'; readonly id: string }
  | { readonly kind: 'ticks'; readonly ticks: readonly string[] }
  | { readonly kind: 'cut'; readonly cut: boolean; readonly now: readonly CutDone[] };

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
    person_id: '',
    version: 1,
    person_version: 1,
    position,
    ...seat,
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

/** The view as it will be once an operation is stored. */
export function applyOperation(view: SessionView, operation: Operation): SessionView {
  switch (operation.kind) {
    case 'session':
      return { ...view, session: { ...view.session, ...operation.changes } };
    case 'cut':
      return { ...view, session: { ...view.session, cut_done: operation.cut ? [...operation.now] : null } };
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
        seats: view.seats.map((seat) =>
          seat.id === operation.id ? { ...seat, ...operation.changes, ...withWrist(operation.changes, seat) } : seat,
        ),
      };
  }
}

const pick = <T extends object>(from: T, keys: readonly string[]): Partial<T> =>
  Object.fromEntries(keys.map((key) => [key, from[key as keyof T]])) as Partial<T>;

/** What takes an operation back, given the view before it; null for one that is not to be undone here. */
export function inverseOf(view: SessionView, operation: Operation): Operation | null {
  switch (operation.kind) {
    case 'session':
      return { kind: 'session', changes: pick<SessionRecord>(view.session, Object.keys(operation.changes)) };
    case 'seat': {
      const seat = view.seats.find((s) => s.id === operation.id);
      if (!seat) return null;
      const keys = Object.keys(operation.changes);
      if (keys.includes('wrist_mm')) keys.push('wrist_method');
      if (keys.includes('project')) keys.push('project_revision');
      return { kind: 'seat', id: operation.id, changes: pick<SeatRecord>(seat, keys) as SeatChanges };
    }
    case 'remove': {
      const seat = view.seats.find((s) => s.id === operation.id);
      if (!seat) return null;
      const { person_id: _p, version: _v, person_version: _pv, wrist_on: _w, ...rest } = seat;
      return { kind: 'add', seats: [rest] };
    }
    case 'cut':
      return { kind: 'cut', cut: view.session.cut_done !== null, now: view.session.cut_done ?? [] };
    case 'ticks':
      return { kind: 'ticks', ticks: view.session.kits?.ticks ?? [] };
    case 'add':
      return operation.seats.length === 1 ? { kind: 'remove', id: operation.seats[0]!.id } : null;
  }
}
