export type { Seat } from './seat';
export * from './records';
export { compareSchools, groupOf, planSeat, type SeatPlan } from './plan-seat';
export { tryProject } from './try-project';
export { cutNow, planSession, type PlannedSeat, type SessionPlan, type WholeSession } from './plan-session';
export { sameAs, type KnownPerson } from './same-person';
export { changesSince, type Change, type Since } from './since';
export { CutRecordSchema } from './cut-record-schema';
export { withoutPerson, type CutBasis, type CutRecord, type SeatCut } from './cut-record';
export { cutList, type CutGroup, type CutLine } from './cut-list';
export { bandOf, type BandItem } from './band';
export { cutsByItem, lacking, lanesFrom, lanesProblem, moveCut, withLocked, type CuttableLot } from './lay-out';
export type { BagCut } from './bag-cut';
export {
  KitsSchema,
  LayoutSchema,
  layoutFault,
  stockFault,
  takenBy,
  TO_BUY,
  type Kits,
  type LaneLot,
  type Layout,
  type LayoutLane,
} from './kits';
export { CARD, childrenOf, outdatedTicks, packingOf, type Bag, type BagLine, type Packing } from './packing';
export { pieceLengths, type PieceLength } from './long-enough';
export { replaceCord, seatInstead, type Instead } from './instead';
export { colourGifts, colourProblems, type ColourGift, type ColourProblem } from './colour-wishes';
export { coloursOf } from './colours';
export { beadOf, type BeadState } from './bead';
export {
  cutKey,
  cutsDone,
  cutsNow,
  kitKeys,
  STAGES,
  stagesOf,
  type CutDone,
  type Stage,
  type StageSeat,
  type StageState,
} from './stages';
export { readSessionDocument, SessionDocumentSchema, type DocumentFault, type SessionDocument } from './document';
export { planAnswer, PlanAnswerSchema, type PlanAnswer } from './answer';
