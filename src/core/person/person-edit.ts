import { Type, type Static } from '@sinclair/typebox';
import { AvoidSchema, NameSchema, orNull, VersionSchema } from '../studio';
import { WristSchema } from './wrist';

/** Years of age. */
export const AgeSchema = Type.Integer({ minimum: 0, maximum: 120 });

/** A change to a person: their name, age, what they avoid, or a wrist newly taken. */
export const PersonEditSchema = Type.Object(
  {
    version: VersionSchema,
    changes: Type.Object(
      {
        name: Type.Optional(NameSchema),
        age: Type.Optional(orNull(AgeSchema)),
        avoid: Type.Optional(Type.Array(AvoidSchema, { maxItems: 2 })),
        wrist: Type.Optional(WristSchema),
      },
      { additionalProperties: false },
    ),
  },
  { additionalProperties: false },
);
export type PersonEdit = Static<typeof PersonEditSchema>;
