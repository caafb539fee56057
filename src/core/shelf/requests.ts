import { Type, type Static } from '@sinclair/typebox';
import { NameSchema, orNull, VersionSchema } from '../studio';
import { ItemIdSchema } from './item';
import { LotKindSchema } from './movement';

const closed = { additionalProperties: false };

/** What a person does to a lot by hand. */
const BY_HAND = ['issue', 'return', 'waste', 'count'] as const;

/** Sent with everything that is booked, so that what is sent twice is booked once. */
export const KeySchema = Type.String({ format: 'uuid' });
/** Millimetres or pieces that come in or go out. */
const AmountSchema = Type.Integer({ minimum: 1, maximum: 100_000_000 });
export const PlaceSchema = Type.String({ maxLength: 80 });
const Note = Type.String({ maxLength: 200 });
/** Grams of an empty spool. */
const Tare = orNull(Type.Number({ minimum: 0, maximum: 100_000 }));

/** Stock that came in: lots, each with what it holds. */
export const ReceiptSchema = Type.Object(
  {
    item: ItemIdSchema,
    name: Type.Optional(NameSchema),
    lots: Type.Array(
      Type.Object({ kind: LotKindSchema, amount: AmountSchema, place: PlaceSchema, tare: Tare }, closed),
      { minItems: 1, maxItems: 500 },
    ),
    note: Note,
  },
  closed,
);
export type Receipt = Static<typeof ReceiptSchema>;

/** What one person does to one lot by hand. */
export const LotMoveSchema = Type.Object(
  {
    key: KeySchema,
    kind: Type.Unsafe<(typeof BY_HAND)[number]>({ type: 'string', enum: [...BY_HAND] }),
    amount: Type.Integer({ minimum: 0, maximum: 100_000_000 }),
    note: Note,
  },
  closed,
);
export type LotMove = Static<typeof LotMoveSchema>;

/** What is written on a lot. */
export const LotLabelSchema = Type.Object({ version: VersionSchema, place: PlaceSchema, tare: Tare }, closed);
export type LotLabel = Static<typeof LotLabelSchema>;

/** What came back from a session. A cord's amounts are lengths, each an offcut of its own; anything else is one number. */
export const LeftoverSchema = Type.Object(
  { item: ItemIdSchema, amounts: Type.Array(AmountSchema, { minItems: 1, maxItems: 500 }) },
  closed,
);
export type Leftover = Static<typeof LeftoverSchema>;
