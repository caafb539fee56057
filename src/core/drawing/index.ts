export { closedGap } from './closed-gap';
export { drawnParts, type DrawnPart, type DrawnStrand } from './drawn-parts';
