import { isSection, type Piece } from '../project';
import type { SeatPlan } from '../seat';

/**
 * What stands between the band's two ends when it is closed, mm: its closure, and the parts at its ends that nothing closes over.
 *
 * @example
 * closedGap(plan) > 0 // true
 */
export function closedGap({ piece }: SeatPlan): number {
  if (!piece) return 0;
  const ends = piece.layout.filter((item) => !isSection(item));
  const closing = ends.reduce(
    (sum, item) => sum + (!('runs' in item) && !item.closedOver && isAtEnd(item.id, piece) ? item.along : 0),
    0,
  );
  return piece.closure.reduce((sum, { mm }) => sum + mm, closing);
}

/** Whether no section lies past a part of the band, on one of its sides. */
const isAtEnd = (id: string, { layout }: Piece): boolean => {
  const at = layout.findIndex((item) => item.id === id);
  return !layout.slice(0, at).some(isSection) || !layout.slice(at + 1).some(isSection);
};
