import type { LanesProblem } from '../lanes';
import { cordItem } from '../shelf';
import type { Figures } from '../studio';
import type { StageSeat } from './stages';

/** One length to cut, for one bag. */
export interface BagCut {
  /** Seat, place among its cuts, and piece: the same as long as the seat's cuts are. */
  readonly id: string;
  readonly seat: string;
  readonly bag: number;
  readonly label: string;
  readonly mm: number;
}

/** The lengths a session calls for, by the cord's item, each under its bag's number; longest first. */
export function cutsByItem(seats: readonly StageSeat[]): Map<string, BagCut[]> {
  const byItem = new Map<string, BagCut[]>();
  seats.forEach(({ id, plan }, i) => {
    (plan.cut?.cuts ?? []).forEach(({ cord, colour, pieces, length_mm }, c) => {
      const item = cordItem(cord, colour);
      const all = byItem.get(item) ?? [];
      for (let n = 0; n < pieces; n++)
        all.push({ id: `${id}/${c}/${n}`, seat: id, bag: i + 1, label: plan.label, mm: Math.ceil(length_mm) });
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

/** The stock id of a pack that has to be bought. */
export const TO_BUY = 'buy';

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
