import { Type, type Static } from '@sinclair/typebox';
import { SlugSchema } from '../studio';
import { ACT_PICTURES } from './act-pictures';

const closed = { additionalProperties: false };
const Ids = Type.Array(SlugSchema, { minItems: 1, maxItems: 12 });

/** Phases of a making, in the order in which most pieces go through them; checks and finishing come wherever the piece needs them. */
export const ACT_PHASES = ['prepare', 'set-up', 'start', 'knot', 'bead', 'close', 'check', 'finish', 'wear'] as const;
/** What hands count of a section. */
export const ACT_UNITS = [
  'square-knots',
  'square-knots-an-arm',
  'half-knots',
  'hitches',
  'beads',
  'core-beads',
  'edge-pairs',
  'tubes',
  'courses',
  'rows',
  'flowers',
] as const;
export type ActUnit = (typeof ACT_UNITS)[number];

const oneOf = <const T extends string>(values: readonly T[], description: string) =>
  Type.Unsafe<T>({ type: 'string', enum: [...values], description });

/**
 * One action of a making. It says what it makes and how it is counted; its words stand in the texts of the making, one document a
 * language. Of half knots it says which they are, never a sentence: that comes from the convention the half knot is taught by.
 */
export const ActSchema = Type.Object(
  {
    id: SlugSchema,
    phase: oneOf(ACT_PHASES, 'which phase it belongs to'),
    of: Type.Optional(
      Type.Array(SlugSchema, { minItems: 1, maxItems: 12, description: 'the parts and sections it makes' }),
    ),
    count: Type.Optional(Type.Object({ sections: Ids, unit: oneOf(ACT_UNITS, 'what is counted') }, closed)),
    knots: Type.Optional(
      Type.Object(
        {
          sections: Ids,
          nth: Type.Integer({ minimum: 0, maximum: 1000, description: 'which half knot of the section, from 0' }),
          leads: oneOf(['left', 'right'], 'the side that leads half knot 0, as the work lies before a right hand'),
          turns: Type.Optional(Type.Literal(true, { description: 'the same side leads every time: a spiral' })),
        },
        closed,
      ),
    ),
    finish: Type.Optional(
      Type.String({ ...SlugSchema, description: 'the part whose ends are finished as fibre, age and venue allow' }),
    ),
    picture: Type.Optional(oneOf(ACT_PICTURES, 'the picture of what hands do')),
    shows: Type.Optional(
      Type.Object(
        {
          section: SlugSchema,
          run: Type.Optional(Type.Integer({ minimum: 0, maximum: 5, description: 'which of its stitches, from 0' })),
          step: Type.Integer({ minimum: 0, maximum: 20 }),
        },
        { ...closed, description: 'the step of a section’s stitch that its picture shows, from 0' },
      ),
    ),
    hold: Type.Optional(Type.String({ minLength: 1, maxLength: 60, description: 'what holds the work from here on' })),
    tools: Type.Optional(
      Type.Array(Type.String({ minLength: 1, maxLength: 60 }), {
        minItems: 1,
        maxItems: 6,
        description: 'picked up for this act',
      }),
    ),
    heat: Type.Optional(Type.Literal(true)),
    glue: Type.Optional(Type.Literal(true)),
    by: Type.Optional(oneOf(['helper', 'instructor'], 'who does it, where it is not the participant')),
    checkpoint: Type.Optional(Type.Literal(true, { description: 'a look that decides whether to go on' })),
    last_chance: Type.Optional(
      oneOf(['length', 'loop', 'opening', 'order'], 'what can still be changed here, and no more later'),
    ),
    when: Type.Optional(
      Type.Object(
        {
          colours: Type.Optional(Type.Integer({ minimum: 1, maximum: 6 })),
          swap: Type.Optional(Type.Boolean()),
          beads: Type.Optional(Type.Boolean()),
          flame: Type.Optional(Type.Boolean()),
        },
        closed,
      ),
    ),
  },
  closed,
);
export type ProjectAct = Static<typeof ActSchema>;

/** The names that may stand in braces in the texts of a making: a closed list. */
export const PLACEHOLDER_NAMES: readonly string[] = [
  'inside',
  'open_round',
  'band_length',
  'gap',
  'wraps',
  'join_tail',
  'sleeve_depth',
  'eye_start',
  'bead_sequence',
  'length',
  'part_length',
  'fold_point',
  'loop_inside',
  'loop_flat',
  'tail',
  'times',
  'knots',
  'legs_left',
  'core_left',
  'start_tail',
  'square_knots',
  'half_knots',
  'count',
  'hitches',
  'courses',
  'beads',
  'core_beads',
  'edge_pairs',
  'hardware',
  'colour',
  'half_knot',
  'go_on',
  'lead',
  'other',
  'stub',
];

const Text = Type.String({ minLength: 1, maxLength: 600, pattern: '\\S' });

/** The words of an act in one language; figures of the seat stand in braces. */
export const ActTextSchema = Type.Object(
  {
    text: Text,
    right: Type.Optional(Text),
    if_not: Type.Optional(Type.Array(Type.Object({ seen: Text, fix: Text }, closed), { minItems: 1, maxItems: 6 })),
  },
  closed,
);
export type ActText = Static<typeof ActTextSchema>;

/** How a piece is made: its acts in order, and their words by language and act. */
export const MakingSchema = Type.Object(
  {
    acts: Type.Array(ActSchema, { minItems: 1, maxItems: 80 }),
    texts: Type.Object(
      { en: Type.Record(Type.String({ pattern: '^[a-z0-9-]+$' }), ActTextSchema) },
      { ...closed, description: 'one document a language, by act' },
    ),
  },
  closed,
);
