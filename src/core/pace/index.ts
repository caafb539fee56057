export { LEARNING } from './hands';
export { spansOf, workingMinutes, type Span, type Wet } from './spans';
export {
  minutesByPhase,
  paceOf,
  PHASES,
  startOf,
  type Maker,
  type Pace,
  type PaceStep,
  type PhaseName,
} from './phases';
