import { Type, type Static } from '@sinclair/typebox';
import { ItemIdSchema } from '../shelf';
import type { BagCut } from './lay-out';

const closed = { additionalProperties: false };
const Id = Type.String({ minLength: 1, maxLength: 120 });

/** How a session's cuts are laid out on lots, as it is kept: by item, lane by lane. */
export const LayoutSchema = Type.Array(
  Type.Object(
    {
      item: ItemIdSchema,
      bound_mm: Type.Integer({ minimum: 0, description: 'no plan opens less fresh stock' }),
      lanes: Type.Array(
        Type.Object(
          {
            stock: Type.String({ maxLength: 60, description: 'a lot’s id, or “buy”' }),
            cuts: Type.Array(Type.Object({ id: Id, mm: Type.Integer({ minimum: 1 }) }, closed), { maxItems: 5000 }),
            locked: Type.Array(Id, { maxItems: 5000 }),
            length_mm: Type.Integer({ minimum: 1 }),
          },
          closed,
        ),
        { maxItems: 5000 },
      ),
    },
    closed,
  ),
  { maxItems: 500 },
);
export type Layout = Static<typeof LayoutSchema>;
export type LayoutLane = Layout[number]['lanes'][number];

/** What a session's kits stand at. */
export interface Kits {
  /** Lines of the packing list ticked off. */
  readonly ticks: readonly string[];
  /** What was issued, and when: the cuts by key, and the count of each item. */
  readonly issued: {
    readonly on: string;
    readonly cuts: readonly string[];
    readonly items: Readonly<Record<string, number>>;
  } | null;
}

/** What a lane takes of its piece of stock: its cuts, each with the loss. */
export const takenBy = (lane: Pick<LayoutLane, 'cuts'>, loss: number): number =>
  Math.ceil(lane.cuts.reduce((sum, cut) => sum + cut.mm + loss, 0));

/** Why a layout is not, or no longer, the cuts that are called for; null when it is. */
export function layoutFault(layout: Layout, cuts: ReadonlyMap<string, readonly BagCut[]>): string | null {
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
  return layout.some((group) => !cuts.has(group.item) && group.lanes.length > 0)
    ? 'a cord is laid out that no seat uses now'
    : null;
}
