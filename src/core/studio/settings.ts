import { Type, type Static } from '@sinclair/typebox';
import { FiguresSchema, type Figures } from './figures';
import { ListWordsSchema } from './list-words';
import { SchoolSchema } from './words';

/** What a studio sets once for all its sessions. */
export const SettingsSchema = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 80 }),
    units: Type.Unsafe<'cm' | 'in'>({ type: 'string', enum: ['cm', 'in'] }),
    paper: Type.Unsafe<'a4' | 'letter'>({ type: 'string', enum: ['a4', 'letter'] }),
    school: SchoolSchema,
    time_zone: Type.Optional(
      Type.String({
        pattern: '^[A-Za-z0-9_+/-]{1,60}$',
        title: 'Time zone',
        description: 'as Europe/Lisbon; the server’s own where it is not said',
      }),
    ),
    figures: Type.Unsafe<Figures>(FiguresSchema),
    words: Type.Optional(ListWordsSchema),
  },
  { additionalProperties: false },
);
export type Settings = Static<typeof SettingsSchema>;
