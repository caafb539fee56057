import type { Piece } from '../project';
import type { Fault, FaultPlace } from './fault';
import { beadsSideways } from './kinds/beads-sideways';
import { colourChanged } from './kinds/colour-changed';
import { coreOut } from './kinds/core-out';
import { endPopped } from './kinds/end-popped';
import { fellApart } from './kinds/fell-apart';
import { gap } from './kinds/gap';
import { leatherTwisted } from './kinds/leather-twisted';
import { loopSize } from './kinds/loop-size';
import { panelsOrder } from './kinds/panels-order';
import { shortEnd } from './kinds/short-end';
import { slidOff } from './kinds/slid-off';
import { sliderSlips, sliderStuck } from './kinds/slider';
import { spiralStopped } from './kinds/spiral-stopped';
import { turned } from './kinds/turned';
import { uneven } from './kinds/uneven';

export type { Fault, FaultFrame, FaultPlace } from './fault';

/** What goes wrong at the table, the commonest first. A new one is a file beside these and a word here. */
export const FAULTS: readonly Fault[] = [
  turned,
  colourChanged,
  spiralStopped,
  fellApart,
  coreOut,
  uneven,
  shortEnd,
  slidOff,
  gap,
  beadsSideways,
  panelsOrder,
  leatherTwisted,
  loopSize,
  sliderStuck,
  sliderSlips,
  endPopped,
];

/**
 * The faults that can happen in a piece, each with where.
 *
 * @example
 * faultsOf(piece).map(({ fault }) => fault.slug).includes('turned') // true
 */
export const faultsOf = (piece: Piece): { readonly fault: Fault; readonly place: FaultPlace }[] =>
  FAULTS.flatMap((fault) => {
    const place = fault.where(piece);
    return place ? [{ fault, place }] : [];
  });
