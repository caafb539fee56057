export { closedGap, drawnParts, type DrawnPart, type DrawnStrand } from './drawn-parts';
