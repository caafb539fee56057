export { fitPiece, type Fit, type Neighbour } from './fit';
export { innerOf, type FitLine, type Size } from './target';
export { makersRule, type MakersRule } from './makers-rule';
export { estimateHand, estimateWrist } from './estimate';
