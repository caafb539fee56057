import { Type, type Static } from '@sinclair/typebox';
import { RoleSchema } from '../studio';

const Id = Type.String({ pattern: '^[a-z0-9-]+$', maxLength: 40 });

/** One stretch of a leg's way through the piece: a part, a section it runs through as core, or one it works. */
const StepSchema = Type.Union([
  Type.Object({ part: Id }, { additionalProperties: false }),
  Type.Object({ core: Id }, { additionalProperties: false }),
  Type.Object({ work: Id, as: Id }, { additionalProperties: false }),
]);

/** A leg: one way from the cord's fold (or start) to its end. `colour` is which of the piece's colours it takes when there are several. */
const LegSchema = Type.Object(
  { colour: Type.Integer({ minimum: 0, maximum: 5 }), route: Type.Array(StepSchema, { minItems: 1, maxItems: 40 }) },
  { additionalProperties: false },
);

/** A kind of piece, as a document: what it is tied from, and the way each strand takes through it. */
export const ProjectSchema = Type.Object(
  {
    format: Type.Literal('lapboard-project'),
    version: Type.Literal(1),
    revision: Type.Integer({ minimum: 1, description: 'counts the saved versions of this project' }),
    slug: Id,
    name: Type.String({ minLength: 1, maxLength: 80 }),
    kind: Type.Unsafe<'bracelet' | 'keychain'>({ type: 'string', enum: ['bracelet', 'keychain'] }),
    summary: Type.String({ maxLength: 300 }),
    sizing: Type.Union(
      [
        Type.Object({ by: Type.Literal('wrist') }, { additionalProperties: false }),
        Type.Object(
          { by: Type.Literal('band'), band_mm: Type.Integer({ minimum: 20, maximum: 1000 }) },
          { additionalProperties: false },
        ),
      ],
      { description: 'a band is made to a wrist, or to a fixed length' },
    ),
    hardware: Type.Array(
      Type.Object(
        {
          id: Id,
          kinds: Type.Array(Type.String({ maxLength: 40 }), { minItems: 1, maxItems: 8 }),
          default: Id,
          closes: Type.Boolean({ description: 'its closed length is part of the band' }),
        },
        { additionalProperties: false },
      ),
      { maxItems: 8 },
    ),
    parts: Type.Array(
      Type.Object(
        {
          id: Id,
          part: Id,
          without_flame: Type.Optional(Id),
          on: Type.Optional(Id),
          strands: Type.Optional(
            Type.Integer({ minimum: 1, maximum: 24, description: 'strands side by side in the opening' }),
          ),
        },
        { additionalProperties: false },
      ),
      { maxItems: 20 },
    ),
    sections: Type.Array(
      Type.Object({ id: Id, stitch: Id, length: Type.Literal('fill') }, { additionalProperties: false }),
      { minItems: 1, maxItems: 1 },
    ),
    cords: Type.Array(
      Type.Object(
        {
          role: RoleSchema,
          default: Id,
          legs: Type.Array(LegSchema, { minItems: 1, maxItems: 8 }),
          join: Type.Optional(
            Type.Object(
              { part: Id, without_flame: Id },
              { additionalProperties: false, description: 'how legs of two colours meet at the fold' },
            ),
          ),
        },
        { additionalProperties: false },
      ),
      { minItems: 1, maxItems: 8 },
    ),
    loop: Type.Boolean({ description: 'has a carry loop for finger, wrist or neck' }),
    colours: Type.Integer({ minimum: 1, maximum: 6, description: 'most colours it can be made in' }),
  },
  { additionalProperties: false },
);
export type Project = Static<typeof ProjectSchema>;
export type LegStep = Static<typeof StepSchema>;
