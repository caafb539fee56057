import { Type, type Static } from '@sinclair/typebox';
import { checker } from '../check';

/** What every studio archive says of itself. */
export const ManifestSchema = Type.Object(
  {
    format: Type.Literal('lapboard-studio'),
    version: Type.Literal(1),
    level: Type.Optional(
      Type.Integer({
        minimum: 1,
        maximum: 10_000,
        description: 'the shape of its tables; those before 6 said nothing',
      }),
    ),
    made_on: Type.String({ format: 'date' }),
    tables: Type.Array(Type.String({ pattern: '^[a-z_]+$' }), { minItems: 1, maxItems: 50, uniqueItems: true }),
  },
  { additionalProperties: false },
);
export type Manifest = Static<typeof ManifestSchema>;
export type Row = Readonly<Record<string, unknown>>;
export type Tables = Readonly<Record<string, readonly Row[]>>;

export const checkManifest = checker(ManifestSchema);

/** The shape that tables are in now: how many migrations made it. A migration that changes a table of the archive raises it. */
export const LEVEL = 9;
/** The shape of archives that do not say. */
export const FIRST_LEVEL = 5;
