import { groupsOf, isSection, type PiecePart, type PieceSection } from '../project';
import type { SeatPlan } from './plan-seat';

/** Something of the band and where it begins, mm from the band's start. */
export interface BandItem {
  readonly item: PieceSection | PiecePart;
  readonly from: number;
  readonly length: number;
  /** Units of a section that stand here; 1 of a part. */
  readonly count: number;
}

/**
 * The fitted band in order, from its start to its finish; empty where the seat has no fit. Sections that repeat by turns stand once
 * for each time.
 *
 * @example
 * bandOf(plan).every(({ from }) => from >= 0) // true
 */
export function bandOf({ piece, fit }: SeatPlan): BandItem[] {
  if (!piece || !fit) return [];
  let from = 0;
  const place = (item: BandItem['item'], count: number): BandItem => {
    const length = isSection(item) ? count * item.unit : item.along;
    const placed = { item, from, length, count };
    from += length;
    return placed;
  };
  return groupsOf(piece).flatMap((group) => {
    const counts = group.map((item) => (isSection(item) ? fit.counts[item.id]! : 1));
    if (group.length === 1) return place(group[0]!, counts[0]!);
    return Array.from({ length: counts[0]! }, () => group.map((item) => place(item, 1))).flat();
  });
}
