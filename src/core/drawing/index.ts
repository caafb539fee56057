export { closedGap } from './closed-gap';
export { drawnParts, type DrawnPart, type DrawnStrand } from './drawn-parts';
export { ringFor, ringOf, type Ring } from './ring';
export { tied } from './tied';
