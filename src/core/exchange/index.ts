export { writeSessionDocument } from './write-document';
export { readSessionDocument, SessionDocumentSchema, tellingsOf, type SessionDocument } from './document';
export { planAnswer, PlanAnswerSchema, type PlanAnswer } from './answer';
