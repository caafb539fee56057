import { alternatingPanels } from './alternating-panels';
import { beadAlone } from './bead-alone';
import { beadOnCore } from './bead-on-core';
import { beadRow } from './bead-row';
import { beadsOnWorkers } from './beads-on-workers';
import { centreKnot } from './centre-knot';
import { doubleSpiral } from './double-spiral';
import { edgeHitch } from './edge-hitch';
import { eightStrandPanels } from './eight-strand-panels';
import { halfKnotSpiral } from './half-knot-spiral';
import { ladder } from './ladder';
import { plain } from './plain';
import { squareKnot } from './square-knot';
import type { Stitch } from './strand';
import { tubeCross } from './tube-cross';
import { wrapping } from './wrap';
import { wrappedBraid } from './wrapped-braid';
import { wrappedWeave } from './wrapped-weave';

export { bundle } from './bundle';
export { measureStitch, type StitchMeasure } from './measure-stitch';
export { OVERHAND, OVERHAND_EXCESS, OVERHAND_HEIGHT } from './overhand';
export { beadsOf, layered, linesOf, pictureOf, type Layer, type Line, type Run } from './picture';
export { lengthOf, sampleOpen, samplePath } from './sample';
export type {
  Around,
  Bead,
  BeadPlace,
  Point,
  Stitch,
  StitchGeometry,
  StitchLead,
  StitchStep,
  StrandPath,
} from './strand';

const ALL = [
  squareKnot,
  halfKnotSpiral,
  doubleSpiral,
  beadRow,
  beadAlone,
  beadOnCore,
  beadsOnWorkers,
  wrappedBraid,
  wrappedWeave,
  edgeHitch,
  alternatingPanels,
  eightStrandPanels,
  ladder,
  tubeCross,
  wrapping,
  centreKnot,
  plain,
];

/** Every stitch, by slug. A new one is a file beside square-knot.ts and a word in the list above. */
export const STITCHES: Readonly<Record<string, Stitch>> = Object.fromEntries(
  ALL.map((stitch) => [stitch.slug, stitch]),
);
