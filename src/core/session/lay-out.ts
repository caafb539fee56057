import type { Lane, LanesProblem } from '../lanes';
import { wholeMm } from '../measure';
import { cordItem } from '../shelf';
import type { Figures } from '../studio';
import type { BagCut } from './bag-cut';
import { takenBy, TO_BUY, type LayoutLane } from './kits';
import type { StageSeat } from './stages';

/** The lengths a session calls for, by the cord's item, each under its bag's number; longest first. */
export function cutsByItem(seats: readonly StageSeat[]): Map<string, BagCut[]> {
  const byItem = new Map<string, BagCut[]>();
  seats.forEach(({ id, plan }, i) => {
    (plan.cut?.cuts ?? []).forEach(({ cord, colour, pieces, length_mm }, c) => {
      const item = cordItem(cord, colour);
      const all = byItem.get(item) ?? [];
      for (let n = 0; n < pieces; n++)
        all.push({ id: `${id}/${c}/${n}`, seat: id, bag: i + 1, label: plan.label, mm: wholeMm(length_mm) });
      byItem.set(item, all);
    });
  });
  for (const all of byItem.values()) all.sort((a, b) => b.mm - a.mm || a.bag - b.bag);
  return byItem;
}

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
const boughtLane = (lane: number): string => `${TO_BUY}:${lane}`;

/** The same problem with the locked cuts of some lanes left where they are: their pieces are so much shorter. */
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

/** A solver's plan as lanes to keep, with the locked cuts of the lanes before at the head of theirs. */
export function lanesFrom(
  plan: { readonly lanes: readonly Lane[] },
  cuts: readonly BagCut[],
  lots: readonly CuttableLot[],
  pack: number | null,
  before: readonly LayoutLane[] = [],
): LayoutLane[] {
  const mm = new Map(cuts.map((cut) => [cut.id, cut.mm]));
  const lengths = new Map(lots.map((lot) => [lot.id, lot.mm]));
  const known = (ids: readonly string[]) => ids.filter((id) => mm.has(id)).map((id) => ({ id, mm: mm.get(id)! }));
  const held = new Map(
    before.flatMap((lane, i) =>
      lane.locked.length > 0 ? [[lane.stock === TO_BUY ? boughtLane(i) : lane.stock, lane] as const] : [],
    ),
  );
  const laid = plan.lanes.map((lane): LayoutLane => {
    const own = held.get(lane.stock);
    held.delete(lane.stock);
    return {
      stock: lane.stock.startsWith(TO_BUY) ? TO_BUY : lane.stock,
      length_mm: lengths.get(lane.stock) ?? own?.length_mm ?? pack ?? 0,
      locked: own ? own.locked.filter((id) => mm.has(id)) : [],
      cuts: longFirst([...known(own?.locked ?? []), ...known(lane.cuts)]),
    };
  });
  const untouched = [...held.values()].map((lane) => ({ ...lane, cuts: longFirst(known(lane.locked)) }));
  return [...untouched, ...laid].filter((lane) => lane.cuts.length > 0);
}

const longFirst = (cuts: LayoutLane['cuts']): LayoutLane['cuts'] => [...cuts].sort((a, b) => b.mm - a.mm);

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
