import type { SeatPlan } from './plan-seat';

/** The colours of a seat's piece, as hex, in the order of its cords. */
export function coloursOf(plan: SeatPlan): string[] {
  return (plan.piece?.cords ?? []).flatMap(({ cord, colours }) =>
    colours.flatMap((slug) => cord.colours.find((colour) => colour.slug === slug)?.hex ?? []),
  );
}
