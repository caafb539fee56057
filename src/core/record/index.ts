export {
  FINISHES,
  FITS,
  isSaid,
  PlannedPieceSchema,
  SaidOfPieceSchema,
  sayMore,
  SeenAtBenchSchema,
  type Left,
  type PlannedPiece,
  type SaidOfPiece,
  type SeenAtBench,
  type YieldRecord,
} from './yield-record';
export { plannedPiece } from './planned-piece';
export { questionsOf, type Question } from './questions';
export { fitEffects } from './effects/fit-effects';
export type { Observations } from './effects/observation';
export type { Beliefs } from './effects/beliefs';
export type { FigureKind, FigureSaid, Point } from './figures/figure-said';
export type { MakerSaid } from './figures/learn-use';
export { learnUse } from './figures/learn-use-of';
export { learn, type Evidence, type WhatIsSaid } from './figures/learn';
export type { GrowthSeen, HandSeen } from './figures/learn-body';
export { foresight, type Foresight } from './figures/foresight';
export { asValue, inForce, limitsOf, aboutOf, putInForce, FigureValueSchema, type FigureValue } from './in-force';
export { recordsOf, type StoredEntry } from './records-of';
export { wouldChange, type SeatAhead, type WouldChange } from './would-change';
export { plannedThen, type MadeThen, type PlannedThen } from './planned-then';
