import type { SaidOfPiece } from '../../core/record';
import type { Role, Skill } from '../../core/studio';

/** A cord of a piece as a history from elsewhere tells it, mm. */
export interface HistoryCord {
  readonly line: number;
  readonly cord: string;
  readonly role: Role | null;
  readonly cut_mm: number | null;
  readonly left: NonNullable<SaidOfPiece['left']>[string];
}

/** A piece as a history from elsewhere tells it. */
export interface HistoryPiece {
  /** The first line it is told on. */
  readonly line: number;
  readonly on: string;
  readonly session: string;
  readonly maker: string;
  readonly project: string;
  readonly skill: Skill;
  /** Length of band that was planned, mm. */
  readonly planned_mm: number;
  readonly said: SaidOfPiece;
  readonly cords: readonly HistoryCord[];
}

/** Columns of a history, in the order in which they are written. */
export const HISTORY_COLUMNS = [
  'piece',
  'date',
  'session',
  'maker',
  'project',
  'skill',
  'cord',
  'role',
  'planned band mm',
  'cut mm',
  'left mm',
  'half knots',
  'band mm',
  'thick mm',
  'fits',
  'minutes',
  'finished',
] as const;
