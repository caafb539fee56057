import { longFirst, takenBy, type LayoutLane } from './layout';

/**
 * How much longer a lane's piece would have to be to take a cut, mm; 0 where it fits.
 *
 * @example
 * lacking({ stock: 'x', length_mm: 1000, cuts: [], locked: [] }, 1010, 4) // 14
 */
export const lacking = (lane: LayoutLane, mm: number, loss: number): number =>
  Math.max(0, takenBy({ cuts: [...lane.cuts, { id: '', mm }] }, loss) - lane.length_mm);

/**
 * Lanes with one cut moved to another, locked there: an emptied lane goes.
 *
 * @example
 * moveCut([{ stock: 'x', length_mm: 2000, cuts: [{ id: 'a', mm: 900 }], locked: [] }, { stock: 'y', length_mm: 2000, cuts: [], locked: [] }], 'a', 1).map(({ stock, locked }) => [stock, locked]) // [['y', ['a']]]
 */
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

/**
 * Lanes with one cut locked where it is, or free to go elsewhere.
 *
 * @example
 * setLocked([{ stock: 'x', length_mm: 2000, cuts: [{ id: 'a', mm: 900 }], locked: [] }], 'a', true)[0].locked // ['a']
 */
export const setLocked = (lanes: readonly LayoutLane[], cut: string, on: boolean): LayoutLane[] =>
  lanes.map((lane) =>
    lane.cuts.some(({ id }) => id === cut)
      ? { ...lane, locked: on ? [...lane.locked, cut] : lane.locked.filter((id) => id !== cut) }
      : lane,
  );
