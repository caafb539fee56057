import type { NewSeat, SeatChanges } from '../../seat';
import type { SaidOfPiece } from '../../record';
import type { SessionEdit } from '../session-record';
import type { Wrap } from '../wrap';

/** Something a person did to the session, kept until the server has it. */
export type Operation =
  | { readonly kind: 'seat'; readonly id: string; readonly changes: SeatChanges }
  | { readonly kind: 'seats'; readonly edits: readonly { readonly id: string; readonly changes: SeatChanges }[] }
  | { readonly kind: 'session'; readonly changes: SessionEdit['changes'] }
  | { readonly kind: 'add'; readonly seats: readonly NewSeat[] }
  | { readonly kind: 'remove'; readonly id: string }
  | { readonly kind: 'ticks'; readonly ticks: string[] }
  | { readonly kind: 'wrap'; readonly wrap: Wrap }
  /** What is said of a seat's piece; by the key it has once it is sent, sent twice it is said once. */
  | { readonly kind: 'record'; readonly key?: string; readonly seat: string; readonly said: SaidOfPiece }
  /** `seen` are the lengths that were before the person, in a line each; `on` the day it was done. */
  | { readonly kind: 'cut'; readonly cut: boolean; readonly seen: readonly string[]; readonly on: string };
