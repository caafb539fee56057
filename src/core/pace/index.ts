export { PHASES, phasesOf, workingMinutes, type Maker, type Pace, type Phase, type PhaseName } from './phases';
