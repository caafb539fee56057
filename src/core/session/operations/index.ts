export { applyOperation } from './apply-operation';
export { inverseOf } from './inverse-of';
export type { Operation } from './operation';
