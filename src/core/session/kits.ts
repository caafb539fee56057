import { Type, type Static } from '@sinclair/typebox';

const closed = { additionalProperties: false };

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
            items: Type.Record(Type.String({ maxLength: 120 }), Type.Number({ minimum: 0, maximum: 1_000_000 })),
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
