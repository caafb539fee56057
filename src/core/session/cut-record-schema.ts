import { Type } from '@sinclair/typebox';
import { CordSchema } from '../cord';
import { HardwareSchema } from '../part';
import { ProjectSchema } from '../project';
import { RoleSchema } from '../studio';

const Mm = Type.Number({ minimum: 0, maximum: 10_000_000 });
const orNull = <T extends Parameters<typeof Type.Union>[0][number]>(schema: T) => Type.Union([schema, Type.Null()]);

/** The shape of what is kept of a cut, as far as everything that reads it rests on it. */
export const CutRecordSchema = Type.Object({
  on: Type.String({ format: 'date' }),
  bases: Type.Array(
    Type.Object({
      figures: Type.Record(Type.String(), Type.Number({ minimum: -1e6, maximum: 1e6 })),
      group: Type.Object({ wrist: Type.Number({ minimum: 0, maximum: 10_000 }) }),
      projects: Type.Array(ProjectSchema),
      cords: Type.Array(CordSchema),
      hardware: Type.Array(HardwareSchema),
    }),
    { maxItems: 500 },
  ),
  seats: Type.Array(
    Type.Object({
      seat: Type.String({ format: 'uuid' }),
      person: orNull(Type.String({ format: 'uuid' })),
      label: Type.String({ maxLength: 120 }),
      asks: orNull(Type.Object({ options: Type.Object({}), cords: Type.Object({}) })),
      basis: orNull(Type.Integer({ minimum: 0, maximum: 500 })),
      plan: Type.Object({
        items: Type.Array(
          Type.Object({ item: Type.String(), count: Type.Integer({ minimum: 1, maximum: 1_000_000 }) }),
        ),
        tools: Type.Array(Type.String()),
        messages: Type.Array(Type.Object({ level: Type.String(), code: Type.String(), text: Type.String() })),
        cut: Type.Optional(
          Type.Object({
            cuts: Type.Array(
              Type.Object({
                role: RoleSchema,
                cord: Type.String(),
                colour: Type.String(),
                pieces: Type.Integer({ minimum: 1, maximum: 10_000 }),
                length_mm: Mm,
                anatomy: Type.Array(
                  Type.Object({ for: Type.String(), mm: Type.Number({ minimum: -10_000_000, maximum: 10_000_000 }) }),
                ),
              }),
            ),
          }),
        ),
      }),
    }),
    { maxItems: 1000 },
  ),
});
