import type { Lane } from '../lanes';
import type { BagCut } from './bag-cut';
import { boughtLane, type CuttableLot } from './lanes-problem';
import { longFirst, TO_BUY, type LayoutLane } from './layout';

/**
 * A solver's plan as lanes to keep, with the locked cuts of the lanes before at the head of theirs.
 *
 * @example
 * lanesFrom(firstLanes(problem), [{ id: 'a', seat: 's', bag: 1, label: 'Ada', mm: 900 }], [], 2000).map(({ stock, length_mm }) => [stock, length_mm]) // [['x', 2000]]
 */
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
