import { isSection, type PiecePart, type PieceSection } from '../project';
import type { SeatPlan } from './plan-seat';

/** Something of the band and where it begins, mm from the band's start. */
export interface BandItem {
  readonly item: PieceSection | PiecePart;
  readonly from: number;
  readonly length: number;
}

/**
 * The fitted band in order, from its start to its finish; empty where the seat has no fit.
 *
 * @example
 * bandOf(plan).map(({ from }) => from >= 0).length === piece.layout.length // true
 */
export function bandOf({ piece, fit }: SeatPlan): BandItem[] {
  if (!piece || !fit) return [];
  let from = 0;
  return piece.layout.map((item) => {
    const length = isSection(item) ? fit.counts[item.id]! * item.unit : item.along;
    const placed = { item, from, length };
    from += length;
    return placed;
  });
}
