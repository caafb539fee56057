import type { SeatPlan } from './plan-seat';

/**
 * The colours of a seat's piece, as hex, each once, in the order of its cords.
 *
 * @example
 * coloursOf(plan).length // 1
 */
export function coloursOf(plan: SeatPlan): string[] {
  const all = (plan.piece?.cords ?? []).flatMap(
    ({ cord, colour }) => cord.colours.find((c) => c.slug === colour)?.hex ?? [],
  );
  return [...new Set(all)];
}
