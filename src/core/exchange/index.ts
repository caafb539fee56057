export { readSessionDocument, SessionDocumentSchema, type DocumentFault, type SessionDocument } from './document';
export { planAnswer, PlanAnswerSchema, type PlanAnswer } from './answer';
