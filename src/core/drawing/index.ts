export { aroundRing, closedParts, type ClosedParts } from './closed-parts';
export { closedGap } from './closed-gap';
export { drawnParts, knotsBehind, type DrawnPart, type DrawnStrand } from './drawn-parts';
export { ringFor, ringOf, type Ring } from './ring';
