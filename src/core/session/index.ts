export type { Seat } from './seat';
export * from './records';
export { compareSchools, groupOf, planSeat, type SeatPlan } from './plan-seat';
export { planSeats } from './plan-seats';
export { cutList, type CutGroup, type CutLine } from './cut-list';
export { bandOf, type BandItem } from './band';
export {
  cutsByItem,
  lacking,
  lanesFrom,
  lanesProblem,
  moveCut,
  TO_BUY,
  withLocked,
  type BagCut,
  type CuttableLot,
} from './lay-out';
export { LayoutSchema, layoutFault, takenBy, type Kits, type Layout, type LayoutLane } from './kits';
export { CARD, childrenOf, packingOf, type Bag, type BagLine, type Packing } from './packing';
export { pieceLengths, type PieceLength } from './long-enough';
export { replaceCord, seatInstead, type Instead } from './instead';
export { colourGifts, colourProblems, type ColourGift, type ColourProblem } from './colour-wishes';
export { coloursOf } from './colours';
export { beadOf, type BeadState } from './bead';
export {
  cutKey,
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
