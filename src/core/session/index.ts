export type { Seat } from './seat';
export * from './records';
export { compareSchools, groupOf, planSeat, type SeatPlan } from './plan-seat';
export { cutList, type CutGroup, type CutLine } from './cut-list';
export { coloursOf } from './colours';
export { beadOf, type BeadState } from './bead';
export { cutKey, cutsNow, STAGES, stagesOf, type CutDone, type Stage, type StageSeat, type StageState } from './stages';
export { readSessionDocument, SessionDocumentSchema, type DocumentFault, type SessionDocument } from './document';
export { planAnswer, PlanAnswerSchema, type PlanAnswer } from './answer';
