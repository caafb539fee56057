import { Type, type Static } from '@sinclair/typebox';
import { stockFor } from '../measure';
import { ItemIdSchema } from '../shelf';

/** The stock id of a pack that has to be bought. */
export const TO_BUY = 'buy';

const closed = { additionalProperties: false };
const Id = Type.String({ minLength: 1, maxLength: 120 });

/** The most millimetres a lane or a bound can have: ten thousand packs of a kilometre. */
const MAX_MM = 10_000_000_000;

/** How a session's cuts are laid out on lots, as it is kept: by item, lane by lane. */
export const LayoutSchema = Type.Array(
  Type.Object(
    {
      item: ItemIdSchema,
      bound_mm: Type.Integer({ minimum: 0, maximum: MAX_MM, description: 'no plan opens less fresh stock' }),
      lanes: Type.Array(
        Type.Object(
          {
            stock: Type.String({ maxLength: 60, description: 'a lot’s id, or “buy”' }),
            cuts: Type.Array(Type.Object({ id: Id, mm: Type.Integer({ minimum: 1, maximum: MAX_MM }) }, closed), {
              maxItems: 5000,
            }),
            locked: Type.Array(Id, { maxItems: 5000 }),
            length_mm: Type.Integer({ minimum: 1, maximum: MAX_MM }),
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

/**
 * What a lane takes of its piece of stock: its cuts, each with the loss.
 *
 * @example
 * takenBy({ cuts: [{ id: 'a', mm: 900 }, { id: 'b', mm: 600 }] }, 4) // 1508
 */
export const takenBy = (lane: Pick<LayoutLane, 'cuts'>, loss: number): number =>
  stockFor(
    lane.cuts.map((cut) => cut.mm),
    loss,
  );

/** The cuts of a lane in the order they are cut. */
export const longFirst = (cuts: LayoutLane['cuts']): LayoutLane['cuts'] => [...cuts].sort((a, b) => b.mm - a.mm);
