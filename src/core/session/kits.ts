import { Type, type Static } from '@sinclair/typebox';
import { stockFor } from '../measure';
import { ItemIdSchema } from '../shelf';
import type { BagCut } from './bag-cut';

/** The stock id of a pack that has to be bought. */
export const TO_BUY = 'buy';

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
export const KitsSchema = Type.Object(
  {
    ticks: Type.Array(Type.String({ maxLength: 240 }), {
      maxItems: 10_000,
      description: 'lines of the packing list ticked off',
    }),
    issued: Type.Union(
      [
        Type.Object(
          {
            on: Type.String({ format: 'date' }),
            cuts: Type.Array(Type.String({ maxLength: 400 }), { maxItems: 10_000 }),
            items: Type.Record(Type.String({ maxLength: 120 }), Type.Number({ minimum: 0 })),
          },
          closed,
        ),
        Type.Null(),
      ],
      { description: 'what was issued, and when: the cuts by key, and the count of each item' },
    ),
  },
  closed,
);
export type Kits = Static<typeof KitsSchema>;

/** What a lane takes of its piece of stock: its cuts, each with the loss. */
export const takenBy = (lane: Pick<LayoutLane, 'cuts'>, loss: number): number =>
  stockFor(
    lane.cuts.map((cut) => cut.mm),
    loss,
  );

/** Why a layout is not, or no longer, the cuts that are called for; null when it is. */
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

/** A lot as a layout is checked against it. */
export interface LaneLot {
  readonly id: string;
  readonly number: number;
  readonly item: string;
  /** What is free of it for the session, mm. */
  readonly mm: number;
}

/** Why a layout cannot be cut from the stock it names; null when it can. A lot is cut in one lane, and only for its own cord. */
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
