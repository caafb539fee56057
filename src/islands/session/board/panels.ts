import { CutStage } from '../cut/cut-stage';
import { FitStage } from '../fit/fit-stage';
import { KitStage } from '../kit/kit-stage';
import { SeatsStage } from '../seats/seats-stage';
import { WrapStage } from '../wrap/wrap-stage';
import type { BoardStage, StagePanel } from './stage-panel';

/** The worksheet of each stage that is on the board. */
export const PANELS: Readonly<Record<BoardStage, StagePanel>> = {
  seats: SeatsStage,
  fit: FitStage,
  cut: CutStage,
  kit: KitStage,
  'wrap-up': WrapStage,
};
