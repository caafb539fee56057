export { writeSessionDocument } from './write-document';
export { readSessionDocument, SessionDocumentSchema, type SessionDocument } from './document';
export { planAnswer, PlanAnswerSchema, type PlanAnswer } from './answer';
