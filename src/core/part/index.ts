import { buckle } from './buckle';
import { buttJoin } from './butt-join';
import { button } from './button';
import { buttonKnot } from './button-knot';
import { doubleConnection } from './double-connection';
import { doubleOverhand } from './double-overhand';
import { endBead } from './end-bead';
import { figureEight } from './figure-eight';
import { foldLoop } from './fold-loop';
import { frictionHitch } from './friction-hitch';
import { fusedEnd } from './fused-end';
import { gluedEnd } from './glued-end';
import { halfHitches } from './half-hitches';
import { knotRow } from './knot-row';
import { larksHead } from './larks-head';
import { legTail } from './leg-tail';
import { noose } from './noose';
import { offsetFold } from './offset-fold';
import { onRing } from './on-ring';
import { overhand } from './overhand';
import { overhandLoop } from './overhand-loop';
import { ring } from './ring';
import { sleeveJoin } from './sleeve-join';
import { slideTail } from './slide-tail';
import { slidingKnot } from './sliding-knot';
import { slipLoop } from './slip-loop';
import { throughBead } from './through-bead';
import { tieMiddle } from './tie-middle';
import { tieTail } from './tie-tail';
import { transition } from './wrapped-transition';
import { tuckJoin } from './tuck-join';
import { tuckedEnd } from './tucked-end';
import type { Part } from './part';

export { checkHole } from './hole';
export { HardwareSchema, HARDWARE_KINDS, resized, sizeOf, type Hardware } from './hardware';
export { safetyClass, type SafetyClass } from './safety-class';
export type { Part, PartContext, PartUse } from './part';
export { wayLength, type Way } from './way/way';

const ALL = [
  larksHead,
  tieMiddle,
  foldLoop,
  slipLoop,
  overhandLoop,
  noose,
  frictionHitch,
  onRing,
  buckle,
  ring,
  button,
  buttonKnot,
  overhand,
  doubleOverhand,
  figureEight,
  doubleConnection,
  slidingKnot,
  halfHitches,
  transition,
  knotRow,
  slideTail,
  legTail,
  tieTail,
  throughBead,
  endBead,
  fusedEnd,
  gluedEnd,
  tuckedEnd,
  sleeveJoin,
  buttJoin,
  tuckJoin,
  offsetFold,
];

/** Every part, by slug. A new one is a file beside these and a word in the list above. */
export const PARTS: Readonly<Record<string, Part>> = Object.fromEntries(ALL.map((part) => [part.slug, part]));
