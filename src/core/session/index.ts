export {
  NewSessionSchema,
  SessionEditSchema,
  type NewSession,
  type SessionEdit,
  type SessionRecord,
} from './session-record';
export { ArrangementSchema, PLAIN_ROOM, type Arrangement } from './arrangement';
export { roomOf } from './session-room';
export type { SessionView, Studio } from './view';
export { cutNow, planInTurn, planSession, type SessionPlan, type WholeSession } from './plan-session';
export { CutRecordSchema } from './cut-record-schema';
export { cutsDone, withoutPerson, type CutBasis, type CutRecord, type SeatCut } from './cut-record';
export { changesSince, type Change, type Since } from './since';
export { KitsSchema, type Kits } from './kits';
export { UNWRAPPED, WrapSchema, type Noted, type NotedSeats, type Wrap } from './wrap';
export { CARD, childrenOf, outdatedTicks, packingOf, type Bag, type BagLine, type Packing } from './packing';
export { STAGES, stagesOf, type Stage, type StageState } from './stages';
export { applyOperation, inverseOf, type Operation } from './operations';
export { oldWrist } from './old-wrist';
export { forTablet, fromTablet, type TabletView } from './tablet-view';
