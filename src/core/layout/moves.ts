import { longFirst, takenBy, type LayoutLane } from './layout';

/** How much longer a lane's piece would have to be to take a cut, mm; 0 where it fits. */
export const lacking = (lane: LayoutLane, mm: number, loss: number): number =>
  Math.max(0, takenBy({ cuts: [...lane.cuts, { id: '', mm }] }, loss) - lane.length_mm);

/** Lanes with one cut moved to another, locked there: an emptied lane goes. */
export function moveCut(lanes: readonly LayoutLane[], cut: string, to: number): LayoutLane[] {
  const found = lanes.flatMap((lane) => lane.cuts).find(({ id }) => id === cut);
  if (!found) return [...lanes];
  return lanes
    .map((lane, i): LayoutLane => {
      const rest = lane.cuts.filter(({ id }) => id !== cut);
      const locked = lane.locked.filter((id) => id !== cut);
      return i === to
        ? { ...lane, cuts: longFirst([...rest, found]), locked: [...locked, cut] }
        : { ...lane, cuts: rest, locked };
    })
    .filter((lane) => lane.cuts.length > 0);
}
