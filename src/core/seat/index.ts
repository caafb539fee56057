export type { Seat } from './seat';
export {
  NewSeatSchema,
  revisionKey,
  SeatEditSchema,
  seatOf,
  type NewSeat,
  type SeatChanges,
  type SeatEdit,
  type SeatRecord,
} from './seat-record';
export { pieceRequest, planSeat, type SeatPlan } from './plan-seat';
export { planSeats } from './plan-seats';
export { compareSchools, groupOf } from './schools';
export type { PlannedSeat, SeatWithPlan } from './planned-seat';
export { beadOf, type BeadState } from './bead';
export { bandOf, type BandItem } from './band';
export { coloursOf } from './colours';
export { cutList, type CutGroup, type CutLine } from './cut-list';
export { cutKey, cutsNow, kitKeys, type CutDone } from './cuts-now';
export { exampleSeat, USUAL_WRIST } from './example-seat';
export { pieceLengths, type PieceLength } from './long-enough';
export { tryProject } from './try-project';
