export { makingOf, type Act, type Maker, type Telling } from './making';
export { makingSteps, type MakingStep, type StepTie } from './steps';
export { halfKnotAt, type HalfKnot, type Side } from './half-knots';
export { builtMaking } from './built';
export { type MakingUnits } from './fitted';
export { CONVENTIONS, MakingWordsSchema, type Convention, type MakingWords } from './words';
export { lengthStep, resizePlan, type LengthStep } from './resize';
export type { LengthQuestion } from './length-question';
export type { WalkStep } from './walk';
