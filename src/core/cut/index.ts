export { cutPiece, type Cut, type CutPlan } from './cut';
export { totalOf, type AnatomyEntry } from './anatomy';
export { inWords, restsOnRecords, spreadOf, tailOf } from './allowance';
export { tailsOf, walkLegs, walkStep, type LegWalk } from './walk';
export { shortOf } from './short-of';
export { batches, type Batch, type Batching } from './batches';
export { boardFolds, boardWords, foldWords } from './board';
export { SCHOOL_LIST, type Group } from './schools';
