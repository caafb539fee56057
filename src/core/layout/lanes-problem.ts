import type { LanesProblem } from '../lanes';
import type { Figures } from '../studio';
import type { BagCut } from './bag-cut';
import { TO_BUY, type LayoutLane } from './layout';

/** A lot that may be cut from. */
export interface CuttableLot {
  readonly id: string;
  readonly number: number;
  readonly kind: string;
  readonly place: string;
  /** What is free for the session, mm. */
  readonly mm: number;
  /** Not cut from before. */
  readonly fresh: boolean;
}

/**
 * One item's cutting problem. Without `pack`, the shelf alone. With it, everything on the shelf is there to be used and only packs
 * to be bought count as fresh.
 *
 * @example
 * lanesProblem([], [{ id: 'x', number: 1, kind: 'spool', place: '', mm: 9000, fresh: true }], figures).stock // [{ id: 'x', length_mm: 9000, fresh: true }]
 */
export function lanesProblem(
  cuts: readonly BagCut[],
  lots: readonly CuttableLot[],
  figures: Figures,
  pack: number | null = null,
): LanesProblem {
  return {
    loss_mm: figures.cut_loss,
    keep_mm: figures.keep,
    stock: [
      ...lots.map(({ id, mm, fresh }) => ({ id, length_mm: mm, fresh: pack === null && fresh })),
      ...(pack === null ? [] : [{ id: TO_BUY, length_mm: pack, fresh: true, count: Math.max(1, cuts.length) }]),
    ],
    cuts: cuts.map(({ id, mm }) => ({ id, length_mm: mm })),
  };
}

/** Stock of a pack to buy that holds locked cuts, by its place among the lanes. */
export const boughtLane = (lane: number): string => `${TO_BUY}:${lane}`;

/**
 * The same problem with the locked cuts of some lanes left where they are: their pieces are so much shorter.
 *
 * @example
 * withLocked(problem, [{ stock: 'x', length_mm: 2000, cuts: [{ id: 'a', mm: 900 }], locked: ['a'] }]).stock // [{ id: 'x', length_mm: 1100, fresh: false }]
 */
export function withLocked(problem: LanesProblem, lanes: readonly LayoutLane[]): LanesProblem {
  const locked = new Set(lanes.flatMap((lane) => lane.locked));
  if (locked.size === 0) return problem;
  const lengthOf = new Map(problem.cuts.map((cut) => [cut.id, cut.length_mm]));
  const gone = new Map<string, number>();
  lanes.forEach((lane, i) => {
    if (lane.locked.length === 0) return;
    const taken = lane.locked.reduce((sum, id) => sum + (lengthOf.get(id) ?? 0) + problem.loss_mm, 0);
    gone.set(lane.stock === TO_BUY ? boughtLane(i) : lane.stock, taken);
  });
  const begun = lanes.flatMap((lane, i) =>
    lane.stock === TO_BUY && gone.has(boughtLane(i))
      ? [{ id: boughtLane(i), length_mm: lane.length_mm - gone.get(boughtLane(i))!, fresh: false }]
      : [],
  );
  const stock = problem.stock.map((piece) =>
    gone.has(piece.id) ? { ...piece, length_mm: piece.length_mm - gone.get(piece.id)!, fresh: false } : piece,
  );
  return {
    ...problem,
    stock: [...stock, ...begun].filter((piece) => piece.length_mm > 0),
    cuts: problem.cuts.filter((cut) => !locked.has(cut.id)),
  };
}
