import { Type, type Static } from '@sinclair/typebox';
import type { SaidOfPiece } from '../record';
import { DateSchema, orNull } from '../studio';

const closed = { additionalProperties: false };
const Count = Type.Integer({ minimum: 0, maximum: 10_000 });

/** What a session is wrapped up with beside its records. */
export const WrapSchema = Type.Object(
  {
    tools: Type.Record(Type.String({ minLength: 1, maxLength: 80 }), Type.Object({ out: Count, in: Count }, closed), {
      description: 'tools by name: laid out, and counted in',
    }),
    nothing: Type.Array(Type.String({ format: 'uuid' }), {
      maxItems: 1000,
      uniqueItems: true,
      description: 'seats of which there is nothing to note',
    }),
    returned_on: orNull(DateSchema),
  },
  closed,
);
export type Wrap = Static<typeof WrapSchema>;

/** Before anything is wrapped up. */
export const UNWRAPPED: Wrap = { tools: {}, nothing: [], returned_on: null };

/** What was noted of a seat's piece, as it stands, and the minutes that the bench saw it take. */
export interface Noted {
  readonly said: SaidOfPiece;
  readonly minutes: number | null;
}

/** What was noted of a session's seats, by seat. */
export type NotedSeats = Readonly<Record<string, Noted>>;
