import { Type, type Static } from '@sinclair/typebox';
import { ArrangementSchema } from './arrangement';
import { SchoolSchema, DateSchema, NameSchema, orNull, VersionSchema } from '../studio';

const sessionFields = {
  title: NameSchema,
  held_on: DateSchema,
  starts_at: orNull(Type.String({ pattern: '^([01]\\d|2[0-3]):[0-5]\\d$' })),
  minutes: orNull(Type.Integer({ minimum: 10, maximum: 720 })),
  place: Type.String({ maxLength: 120 }),
  school: orNull(SchoolSchema),
  leader: Type.String({ maxLength: 120 }),
  room: ArrangementSchema,
};

export const NewSessionSchema = Type.Object(
  {
    title: NameSchema,
    held_on: DateSchema,
    starts_at: Type.Optional(sessionFields.starts_at),
    minutes: Type.Optional(sessionFields.minutes),
    place: Type.Optional(sessionFields.place),
    leader: Type.Optional(sessionFields.leader),
  },
  { additionalProperties: false },
);
export type NewSession = Static<typeof NewSessionSchema>;

export const SessionEditSchema = Type.Object(
  {
    version: VersionSchema,
    changes: Type.Partial(Type.Object(sessionFields, { additionalProperties: false }), {
      additionalProperties: false,
      minProperties: 1,
    }),
  },
  { additionalProperties: false },
);
export type SessionEdit = Static<typeof SessionEditSchema>;

/** A session as stored and sent. */
export interface SessionRecord extends Required<SessionEdit['changes']> {
  readonly id: string;
  readonly version: number;
}
