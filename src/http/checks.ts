import { Type } from '@sinclair/typebox';
import { CordSchema } from '../core/cord';
import { HardwareSchema } from '../core/part';
import { ProjectSchema } from '../core/project';
import {
  DateSchema,
  NameSchema,
  NewSeatSchema,
  NewSessionSchema,
  SeatEditSchema,
  SessionEditSchema,
} from '../core/session';
import { AvoidSchema, SettingsSchema } from '../core/studio';
import { checker } from '../formats/check';

const closed = { additionalProperties: false };
const Version = Type.Integer({ minimum: 1 });
const Uuid = Type.String({ format: 'uuid' });

/** What each endpoint takes. */
export const checkNothing = checker(Type.Object({}, closed));
export const checkList = checker(Type.Object({ text: Type.String({ maxLength: 900_000 }) }, closed));
export const checkNewSession = checker(Type.Object({ id: Uuid, session: NewSessionSchema }, closed));
export const checkSessionEdit = checker(SessionEditSchema);
export const checkNewSeats = checker(
  Type.Object({ seats: Type.Array(NewSeatSchema, { minItems: 1, maxItems: 1000 }) }, closed),
);
export const checkSeatEdit = checker(SeatEditSchema);
export const checkCutNote = checker(
  Type.Object(
    { version: Version, cut: Type.Boolean(), seen: Type.Array(Type.String({ maxLength: 400 }), { maxItems: 5000 }) },
    closed,
  ),
);
export const checkSettings = checker(Type.Object({ version: Version, settings: SettingsSchema }, closed));
export const checkCord = checker(Type.Object({ version: Version, doc: CordSchema }, closed));
export const checkHardware = checker(Type.Object({ version: Version, doc: HardwareSchema }, closed));
export const checkProjectSave = checker(
  Type.Object({ base: Type.Union([Version, Type.Null()]), doc: ProjectSchema }, closed),
);
export const checkProjectRead = checker(Type.Object({ doc: ProjectSchema }, closed));
export const checkPersonEdit = checker(
  Type.Object(
    {
      version: Version,
      changes: Type.Object(
        {
          name: Type.Optional(NameSchema),
          age: Type.Optional(Type.Union([Type.Integer({ minimum: 0, maximum: 120 }), Type.Null()])),
          avoid: Type.Optional(Type.Array(AvoidSchema, { maxItems: 2 })),
          wrist: Type.Optional(
            Type.Object(
              {
                mm: Type.Integer({ minimum: 90, maximum: 280 }),
                method: Type.Unsafe<'tape' | 'strip' | 'told'>({ type: 'string', enum: ['tape', 'strip', 'told'] }),
                taken_on: DateSchema,
              },
              closed,
            ),
          ),
        },
        closed,
      ),
    },
    closed,
  ),
);
