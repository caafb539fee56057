import { cutsDone } from '../cut-record';
import { cutKey, type SeatChanges, type SeatRecord } from '../../seat';
import type { SaidOfPiece } from '../../record';
import type { SessionRecord } from '../session-record';
import type { SessionView } from '../view';
import { UNWRAPPED } from '../wrap';
import type { Operation } from './operation';

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

/**
 * What takes an operation back, given the view before it; null for one that is not to be undone here.
 *
 * @example
 * inverseOf(view, { kind: 'session', changes: { title: 'Two' } }) // { kind: 'session', changes: { title: 'Tide club' } }
 */
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
        on: view.session.cut_done?.on ?? operation.on,
        cut: view.session.cut_done !== null,
        seen: view.session.cut_done ? cutsDone(view.session.cut_done).map(cutKey) : [],
      };
    case 'ticks':
      return { kind: 'ticks', ticks: view.session.kits?.ticks ?? [] };
    case 'wrap':
      return { kind: 'wrap', wrap: view.session.wrap ?? UNWRAPPED };
    case 'record': {
      const said = view.noted[operation.seat]?.said ?? {};
      const left = operation.said.left && {
        left: Object.fromEntries(Object.keys(operation.said.left).map((place) => [place, said.left?.[place] ?? null])),
      };
      const back = Object.keys(operation.said).map((field) => [field, said[field as keyof SaidOfPiece] ?? null]);
      return {
        kind: 'record',
        seat: operation.seat,
        said: { ...Object.fromEntries(back), ...left },
      };
    }
    case 'add':
      return operation.seats.length === 1 ? { kind: 'remove', id: operation.seats[0]!.id } : null;
  }
}
