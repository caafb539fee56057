export { cutPiece, type Cut, type CutPlan } from './cut';
export { totalOf, type AnatomyEntry } from './anatomy';
export { inWords } from './allowance';
export { SCHOOL_LIST } from './schools';
