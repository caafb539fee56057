import type { BagCut } from './bag-cut';
import type { Layout } from './layout';

/**
 * Why a layout is not, or no longer, the cuts that are called for; null when it is.
 *
 * @example
 * layoutFault([], new Map()) // null
 * layoutFault([], new Map([['cord/satin-2/race', [{ id: 'a', seat: 's', bag: 1, label: 'Ada', mm: 900 }]]])) // 'a length for Ada is not laid out'
 */
export function layoutFault(layout: Layout, cuts: ReadonlyMap<string, readonly BagCut[]>): string | null {
  if (new Set(layout.map(({ item }) => item)).size < layout.length) return 'one cord is laid out twice over';
  for (const [item, wanted] of cuts) {
    const laid = layout.find((group) => group.item === item)?.lanes.flatMap((lane) => lane.cuts) ?? [];
    const byId = new Map(laid.map((cut) => [cut.id, cut.mm]));
    if (laid.length !== byId.size) return 'a length is laid out twice';
    for (const { id, mm, label } of wanted) {
      const was = byId.get(id);
      if (was === undefined) return `a length for ${label} is not laid out`;
      if (was !== mm) return `${label} was laid out at ${was} mm and now needs ${mm} mm`;
    }
    if (laid.length > wanted.length) return 'lengths are laid out that no seat needs now';
  }
  if (
    layout.some(({ lanes }) => lanes.some((lane) => lane.locked.some((id) => !lane.cuts.some((cut) => cut.id === id))))
  )
    return 'a length is locked in a lane that it is not in';
  return layout.some((group) => !cuts.has(group.item) && group.lanes.length > 0)
    ? 'a cord is laid out that no seat uses now'
    : null;
}
