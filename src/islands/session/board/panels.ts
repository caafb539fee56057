import type { Stage } from '../../../core/session';
import { CutStage } from '../cut/cut-stage';
import { FitStage } from '../fit/fit-stage';
import { KitStage } from '../kit/kit-stage';
import { SeatsStage } from '../seats/seats-stage';
import type { StagePanel } from './stage-panel';

/** The worksheet of each stage. */
export const PANELS: Readonly<Record<Stage, StagePanel>> = {
  seats: SeatsStage,
  fit: FitStage,
  cut: CutStage,
  kit: KitStage,
};
