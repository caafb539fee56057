import type { MessagePort } from 'node:worker_threads';
import type { Evidence, Foresight, PlannedPiece, SaidOfPiece, WhatIsSaid } from '../core/record';
import type { Project } from '../core/project';
import type { Result } from '../core/result';
import type { Room, RoomTimes } from '../core/room';
import type { Figures, Settings } from '../core/studio';
import type { Catalogue } from '../core/project';
import type { Label } from '../formats/labels';
import type { HistoryFault, HistoryPiece } from '../formats/records';
import type { RosterLine, Said, Vocabulary } from '../formats/roster';
import type { Sheet } from '../formats/sheets';
import type { StockNames, StockRead } from '../formats/stock';

type Paper = 'a4' | 'letter';

/** A piece of a history, planned as it would be now, so that it can be compared with its geometry. */
export interface HistoryRecord {
  readonly piece: HistoryPiece;
  readonly planned: PlannedPiece;
  readonly said: SaidOfPiece;
}

/** What the server has done in a worker thread, by name. */
export interface Tasks {
  readonly labels: {
    readonly input: { readonly labels: readonly Label[]; readonly paper: Paper; readonly title: string };
    readonly output: Uint8Array;
  };
  readonly sheet: { readonly input: { readonly sheet: Sheet; readonly paper: Paper }; readonly output: Uint8Array };
  readonly room: { readonly input: Room; readonly output: RoomTimes };
  /** Records as JSON texts, which are parsed in the thread. */
  readonly learn: {
    readonly input: {
      readonly texts: readonly string[];
      readonly hands: Evidence['hands'];
      readonly growth: Evidence['growth'];
      readonly figures: Figures;
    };
    readonly output: { readonly said: WhatIsSaid; readonly foresight: readonly Foresight[] };
  };
  /** Reads the archive at a path and sends its batches through the port; answers what is wrong with it, or how many rows it had. */
  readonly unpack: {
    readonly input: {
      readonly path: string;
      readonly known: readonly string[];
      readonly now: string;
      readonly port: MessagePort;
    };
    readonly output: Result<number>;
  };
  readonly roster: {
    readonly input: {
      readonly text: string;
      readonly projects: readonly Project[];
      readonly vocabulary: Vocabulary;
      readonly said: Said;
      readonly today: string;
    };
    readonly output: readonly RosterLine[];
  };
  readonly stock: {
    readonly input: { readonly text: string; readonly names: StockNames; readonly counting: boolean };
    readonly output: StockRead;
  };
  readonly history: {
    readonly input: { readonly text: string; readonly catalogue: Catalogue; readonly settings: Settings };
    readonly output: {
      readonly records: readonly HistoryRecord[];
      readonly faults: readonly HistoryFault[];
      readonly lines: number;
      readonly fault: string | null;
    };
  };
}
export type Task = keyof Tasks;
export type Input<Name extends Task> = Tasks[Name]['input'];
export type Output<Name extends Task> = Tasks[Name]['output'];
