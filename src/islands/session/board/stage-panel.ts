import type { ComponentType } from 'react';
import type { CountWords } from '../../../core/making';
import type { Units } from '../../../core/measure';
import type { Stage } from '../../../core/session';
import type { SessionModel } from '../model/use-session';

/** What a stage's worksheet is given. */
export interface PanelProps {
  readonly model: SessionModel;
  readonly units: Units;
  /** What counts are said in. */
  readonly words: CountWords;
  /** The seat whose tray is open. */
  readonly selected: string | null;
  readonly onSelect: (id: string) => void;
  /** To the stage that comes next. */
  readonly onNext: () => void;
  readonly printHref: string;
  /** Whether the place for a pasted list is open. */
  readonly pasting: boolean;
  readonly setPasting: (open: boolean) => void;
}

/** A stage that is on the board; the bench has a page of its own. */
export type BoardStage = Exclude<Stage, 'bench'>;

/** What the board shows: a stage's worksheet, or the room. */
export type Shown = BoardStage | 'room';

/** A stage's worksheet. */
export type StagePanel = ComponentType<PanelProps>;
