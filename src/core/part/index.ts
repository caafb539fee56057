import { buckle } from './buckle';
import { buttJoin } from './butt-join';
import { button } from './button';
import { buttonKnot } from './button-knot';
import { doubleConnection } from './double-connection';
import { doubleOverhand } from './double-overhand';
import { edgeWhippedEnd } from './edge-whipped-end';
import { endBead } from './end-bead';
import { figureEight } from './figure-eight';
import { foldLoop, loopInside } from './fold-loop';
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
import { slideEnd } from './slide-end';
import { slideTail } from './slide-tail';
import { slidingKnot } from './sliding-knot';
import { slipLoop } from './slip-loop';
import { stackedOverhand } from './stacked-overhand';
import { throughBead } from './through-bead';
import { tieLoop } from './tie-loop';
import { tieMiddle } from './tie-middle';
import { tieTail } from './tie-tail';
import { transition } from './wrapped-transition';
import { tuckJoin } from './tuck-join';
import { tuckedEnd } from './tucked-end';
import { wovenEnd } from './woven-end';
import { caughtBead } from './caught-bead';
import { fingerTail } from './finger-tail';
import { glueDrop } from './glue-drop';
import { meltedEnd } from './melted-end';
import { neckKnot } from './neck-knot';
import { shank } from './shank';
import { wideFusedEnd } from './wide-fused-end';
import { loopedOnCore } from './looped-on-core';
import { trimmedEnd } from './trimmed-end';
import { turnedBack } from './turned-back';
import { trappedEnd } from './trapped-end';
import type { Part } from './part';

export { loopInside };
export { checkHole } from './hole';
export { HardwareSchema, HARDWARE_KINDS, resized, sizeOf, type Hardware } from './hardware';
export { safetyClass, type SafetyClass } from './safety-class';
export type { Part, PartContext, PartUse } from './part';
export { wayLength, type Way } from './way/way';

const ALL = [
  larksHead,
  tieMiddle,
  trappedEnd,
  loopedOnCore,
  foldLoop,
  slipLoop,
  overhandLoop,
  tieLoop,
  noose,
  frictionHitch,
  onRing,
  buckle,
  ring,
  button,
  shank,
  neckKnot,
  buttonKnot,
  turnedBack,
  overhand,
  doubleOverhand,
  figureEight,
  stackedOverhand,
  doubleConnection,
  slidingKnot,
  halfHitches,
  transition,
  knotRow,
  slideTail,
  legTail,
  tieTail,
  fingerTail,
  throughBead,
  endBead,
  caughtBead,
  fusedEnd,
  wideFusedEnd,
  meltedEnd,
  gluedEnd,
  trimmedEnd,
  glueDrop,
  tuckedEnd,
  wovenEnd,
  slideEnd,
  edgeWhippedEnd,
  sleeveJoin,
  buttJoin,
  tuckJoin,
  offsetFold,
];

/** Every part, by slug. A new one is a file beside these and a word in the list above. */
export const PARTS: Readonly<Record<string, Part>> = Object.fromEntries(ALL.map((part) => [part.slug, part]));
