import type { Evidence, Foresight, WhatIsSaid } from '../core/record';
import type { Result } from '../core/result';
import type { Room, RoomTimes } from '../core/room';
import type { Figures } from '../core/studio';
import type { Tables } from '../formats/archive';
import type { Label } from '../formats/labels';
import type { Sheet } from '../formats/sheets';

type Paper = 'a4' | 'letter';

/** What the server has done in a thread of its own. */
export interface Tasks {
  readonly labels: {
    readonly input: { readonly labels: readonly Label[]; readonly paper: Paper; readonly title: string };
    readonly output: Uint8Array;
  };
  readonly sheet: { readonly input: { readonly sheet: Sheet; readonly paper: Paper }; readonly output: Uint8Array };
  readonly pack: {
    readonly input: { readonly texts: Readonly<Record<string, string>>; readonly on: string };
    readonly output: Uint8Array;
  };
  readonly unpack: {
    readonly input: { readonly bytes: Uint8Array; readonly known: readonly string[]; readonly now: string };
    readonly output: Result<Tables>;
  };
  readonly room: { readonly input: Room; readonly output: RoomTimes };
  /** Records as JSON texts, so that they are read where they are learned from. */
  readonly learn: {
    readonly input: {
      readonly texts: readonly string[];
      readonly hands: Evidence['hands'];
      readonly growth: Evidence['growth'];
      readonly figures: Figures;
    };
    readonly output: { readonly said: WhatIsSaid; readonly foresight: readonly Foresight[] };
  };
}

/** A task as it is sent, and its answer. */
export interface Asked {
  readonly id: number;
  readonly task: keyof Tasks;
  readonly input: unknown;
}
export type Answer =
  { readonly id: number; readonly output: unknown } | { readonly id: number; readonly failed: string };
