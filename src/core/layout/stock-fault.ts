import { takenBy, TO_BUY, type Layout } from './layout';

/** A lot as a layout is checked against it. */
export interface LaneLot {
  readonly id: string;
  readonly number: number;
  readonly item: string;
  /** What is free of it for the session, mm. */
  readonly mm: number;
}

/**
 * Why a layout cannot be cut from the stock it names; null when it can. A lot is cut in one lane, and only for its own cord.
 *
 * @example
 * stockFault([{ item: 'cord/satin-2/race', bound_mm: 0, lanes: [{ stock: 'x', cuts: [], locked: [], length_mm: 900 }] }], [], () => null, 4) // 'a lot of the plan is not on the shelf any more'
 */
export function stockFault(
  layout: Layout,
  lots: readonly LaneLot[],
  packOf: (item: string) => number | null,
  loss: number,
): string | null {
  const byId = new Map(lots.map((lot) => [lot.id, lot]));
  const used = new Set<string>();
  for (const { item, lanes } of layout) {
    for (const lane of lanes) {
      const taken = takenBy(lane, loss);
      if (lane.stock === TO_BUY) {
        const pack = packOf(item);
        if (pack === null) return 'nobody says in what packs this cord is bought';
        if (lane.length_mm !== pack) return `a pack to buy is ${pack} mm long, not ${lane.length_mm} mm`;
        if (taken > pack) return `${taken} mm are laid out on a pack of ${pack} mm`;
        continue;
      }
      const lot = byId.get(lane.stock);
      if (!lot) return 'a lot of the plan is not on the shelf any more';
      if (lot.item !== item) return `lot ${lot.number} is another cord than what is cut from it`;
      if (used.has(lot.id)) return `lot ${lot.number} is laid out twice`;
      used.add(lot.id);
      if (taken > lane.length_mm)
        return `${taken} mm are laid out on lot ${lot.number}, in a lane of ${lane.length_mm} mm`;
    }
  }
  return null;
}
