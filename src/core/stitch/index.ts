import { squareKnot } from './square-knot';
import type { Stitch } from './strand';

export { measureStitch, type StitchMeasure } from './measure-stitch';
export { pictureOf, type Layer, type Run } from './picture';
export { samplePath, lengthOf, SAMPLES } from './sample';
export type { Around, Point, Stitch, StitchGeometry, StitchStep, StrandPath } from './strand';

/** Every stitch, by slug. A new one is a file beside square-knot.ts and a line here. */
export const STITCHES: Readonly<Record<string, Stitch>> = { [squareKnot.slug]: squareKnot };
