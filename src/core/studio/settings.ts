import { Type, type Static } from '@sinclair/typebox';
import { REGIONS } from '../region';
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
    region: Type.Optional(
      Type.Unsafe<string>({
        type: 'string',
        enum: REGIONS,
        title: 'Language and region',
        description: 'as en-IE: how days, numbers and money are written; en-GB where it is not said',
      }),
    ),
    currency: Type.Optional(
      Type.String({
        pattern: '^[A-Z]{3}$',
        title: 'Currency',
        description: 'ISO 4217, as EUR; prices are in its smallest part. None is named where it is not said',
      }),
    ),
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
