export { fitPiece, innerOf, type Fit, type FitLine, type Neighbour, type Size } from './fit';
export { estimateHand, estimateWrist } from './estimate';
export { countOf } from './count-of';
