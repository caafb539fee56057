export {
  minutesByPhase,
  paceOf,
  PHASES,
  startOf,
  workingMinutes,
  type Maker,
  type Pace,
  type PaceStep,
  type PhaseName,
} from './phases';
