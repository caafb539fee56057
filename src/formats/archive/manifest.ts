import { Type, type Static } from '@sinclair/typebox';
import { checker } from '../check';

/** What every studio archive states about itself. */
export const ManifestSchema = Type.Object(
  {
    format: Type.Literal('lapboard-studio'),
    version: Type.Literal(1),
    level: Type.Optional(
      Type.Integer({
        minimum: 1,
        maximum: 10_000,
        description: 'the shape of its tables; archives before level 7 did not say',
      }),
    ),
    made_on: Type.String({ format: 'date' }),
    rows: Type.Optional(
      Type.Integer({ minimum: 0, maximum: 1_000_000_000, description: 'rows of all tables, for progress' }),
    ),
    tables: Type.Array(Type.String({ pattern: '^[a-z_]+$' }), { minItems: 1, maxItems: 50, uniqueItems: true }),
  },
  { additionalProperties: false },
);
export type Manifest = Static<typeof ManifestSchema>;
export type Row = Readonly<Record<string, unknown>>;
/** Rows by table, where all of them are at hand. */
export type Tables = Readonly<Record<string, readonly Row[]>>;

export const checkManifest = checker(ManifestSchema);

/** The shape that tables have now: the number of the newest migration that changed a table of the archive. */
export const LEVEL = 13;
/** The first level that could be exported. */
export const FIRST_LEVEL = 4;

/** The manifest of an archive made now. */
export const manifestOf = (tables: readonly string[], made_on: string, rows: number): Manifest => ({
  format: 'lapboard-studio',
  version: 1,
  level: LEVEL,
  made_on,
  rows,
  tables: [...tables],
});
