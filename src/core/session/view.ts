import type { BenchSummary } from '../bench';
import type { Catalogue } from '../project';
import type { Settings } from '../studio';
import type { CutRecord } from './cut-record';
import type { Kits } from './kits';
import type { Layout } from '../layout';
import type { SeatRecord } from '../seat';
import type { SessionRecord } from './session-record';
import type { Since } from './since';
import type { NotedSeats, Wrap } from './wrap';

/** What every reckoning needs of the studio. */
export interface Studio {
  /** Another for any other settings or catalogue. */
  readonly mark: string;
  readonly settings: Settings;
  readonly version: number;
  readonly catalogue: Catalogue;
  /** When anything in it was last changed. */
  readonly made_at: string;
}

/** All that a session's screens show. */
export interface SessionView {
  readonly session: SessionRecord & {
    readonly cut_done: CutRecord | null;
    readonly lanes: Layout | null;
    readonly kits: Kits | null;
    readonly wrap: Wrap | null;
  };
  readonly seats: readonly SeatRecord[];
  readonly studio: Studio;
  readonly bench: BenchSummary;
  readonly noted: NotedSeats;
  /** What changed under the seats that are not cut, until somebody takes note of it. */
  readonly since: Since | null;
}
