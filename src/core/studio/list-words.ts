import { Type, type Static } from '@sinclair/typebox';

/** What words of a pasted list can be taught to mean. */
export const WORD_KINDS = ['project', 'skill', 'skin', 'colour', 'note', 'noise'] as const;

/** Some words of lists, and what they mean: a project by slug, a skill, what skin avoids, a colour as hex; a note or nothing mean no more. */
export const ListWordSchema = Type.Object(
  {
    text: Type.String({ minLength: 1, maxLength: 60, pattern: '[\\p{L}\\p{N}]' }),
    as: Type.Unsafe<(typeof WORD_KINDS)[number]>({ type: 'string', enum: [...WORD_KINDS] }),
    means: Type.String({ maxLength: 40 }),
  },
  { additionalProperties: false },
);
export type ListWord = Static<typeof ListWordSchema>;

/** How a studio's words differ from those that ship. */
export const ListWordsSchema = Type.Object(
  {
    added: Type.Array(ListWordSchema, { maxItems: 1000 }),
    dropped: Type.Array(ListWordSchema, { maxItems: 1000 }),
  },
  { additionalProperties: false },
);
export type ListWords = Static<typeof ListWordsSchema>;
