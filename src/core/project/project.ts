import { Type, type Static } from '@sinclair/typebox';
import { MakingSchema } from './act';
import { HARDWARE_KINDS } from '../part';
import { LoopSchema, RoleSchema, SlugSchema, TiedSchema } from '../studio';

const Id = SlugSchema;
const closed = { additionalProperties: false };
const count = (maximum: number, description: string) => Type.Integer({ minimum: 1, maximum, description });

/** Present only where the piece's choices are these; a leg's steps through what is not present fall away. */
const WhenSchema = Type.Object(
  {
    colours: Type.Optional(Type.Integer({ minimum: 1, maximum: 6 })),
    swap: Type.Optional(Type.Boolean()),
    beads: Type.Optional(Type.Boolean({ description: 'whether a number of beads was chosen' })),
  },
  closed,
);
export type When = Static<typeof WhenSchema>;
const when = Type.Optional(WhenSchema);

/** One stretch of a leg's way: a part it makes, a part it only passes, a section it runs through as core, or one it works. */
const StepSchema = Type.Union([
  Type.Object(
    {
      part: Id,
      stands: Type.Optional(
        Type.Literal(true, { description: 'where one leg ties it, this is another: it runs straight through' }),
      ),
    },
    closed,
  ),
  Type.Object({ past: Id }, closed),
  Type.Object({ core: Id }, closed),
  Type.Object({ work: Id, as: Id }, closed),
]);

/** A kind of hardware the piece takes; its count is reckoned where it is strung as beads. */
const HardwareNeedSchema = Type.Object(
  {
    id: Id,
    kinds: Type.Array(Type.Unsafe<(typeof HARDWARE_KINDS)[number]>({ type: 'string', enum: [...HARDWARE_KINDS] }), {
      minItems: 1,
      maxItems: 12,
    }),
    default: Id,
    count: Type.Optional(count(40, 'pieces of it; one where it is not said')),
  },
  closed,
);

const PartUseSchema = Type.Object(
  {
    id: Id,
    part: Id,
    on: Type.Optional(Type.String({ ...Id, description: 'the hardware it is made on' })),
    mate: Type.Optional(Type.String({ ...Id, description: 'the part that a loop closes over' })),
    slider: Type.Optional(Type.String({ ...Id, description: 'the closure that a tail slides in' })),
    tied: Type.Optional(TiedSchema),
    round: Type.Optional(
      Type.Unsafe<Static<typeof RoleSchema>>({
        ...RoleSchema,
        description: 'the cord it is tied round, where that is another',
      }),
    ),
    strands: Type.Optional(count(24, 'strands tied as one, wrapped, or side by side in the opening')),
    times: Type.Optional(count(40, 'turns, hitches or knots')),
    when,
  },
  closed,
);

/** A stretch of band: one stitch, or several in turn that come only as a whole. */
const SectionSchema = Type.Object(
  {
    id: Id,
    runs: Type.Array(
      Type.Object(
        {
          stitch: Id,
          times: count(200, 'divisions of the stitch'),
          bead: Type.Optional(Type.String({ ...Id, description: 'which of the section’s beads it takes, if not all' })),
        },
        closed,
      ),
      { minItems: 1, maxItems: 6 },
    ),
    count: Type.Union([
      Type.Literal('fill'),
      Type.Integer({ minimum: 1, maximum: 500 }),
      Type.Object({ length: Type.Literal('slider') }, closed),
      Type.Object({ over: Id }, { ...closed, description: 'a slit that this hardware passes' }),
    ]),
    beads: Type.Optional(Type.Array(Id, { maxItems: 6, description: 'the hardware strung in a repeat' })),
    around: Type.Optional(
      Type.Object(
        { strands: count(24, 'strands it is tied around'), of: RoleSchema },
        { ...closed, description: 'where it is tied around tails, and not around legs that run through it' },
      ),
    ),
    arms: Type.Optional(count(4, 'side by side, each with its own strands')),
    odd: Type.Optional(
      Type.Literal(true, { description: 'an odd count: it ends with the strands that it began with' }),
    ),
    joins: Type.Optional(
      Type.Literal(true, {
        description: 'it repeats by turns with the section that is laid out before it: both come only as a whole',
      }),
    ),
    when,
  },
  closed,
);

const CordSchema = Type.Object(
  {
    role: RoleSchema,
    default: Id,
    colour: Type.Integer({ minimum: 0, maximum: 5, description: 'which of the colours chosen for its role' }),
    pieces: Type.Optional(count(12, 'alike, each cut to this length')),
    legs: Type.Array(
      Type.Object(
        {
          route: Type.Array(StepSchema, { minItems: 1, maxItems: 40 }),
          held: Type.Optional(
            Type.Literal(true, { description: 'its end is held by board, pin or clip while the band is made' }),
          ),
        },
        closed,
      ),
      { minItems: 1, maxItems: 8, description: 'from the fold or start to each end; the cut is their sum' },
    ),
    when,
  },
  closed,
);

const range = Type.Object(
  { most: Type.Integer({ minimum: 1, maximum: 6 }), start: Type.Integer({ minimum: 1, maximum: 6 }) },
  closed,
);

/** A kind of piece, as a document: what it is tied from, and the way each strand takes through it. */
export const ProjectSchema = Type.Object(
  {
    format: Type.Literal('lapboard-project'),
    version: Type.Literal(1),
    revision: Type.Integer({
      minimum: 1,
      maximum: 1_000_000,
      description: 'counts the saved versions of this project',
    }),
    slug: Id,
    name: Type.String({ minLength: 1, maxLength: 80, pattern: '\\S' }),
    kind: Type.Unsafe<'bracelet' | 'keychain'>({ type: 'string', enum: ['bracelet', 'keychain'] }),
    summary: Type.String({ maxLength: 400 }),
    difficulty: Type.Integer({ minimum: 1, maximum: 3, description: '1 for a first session, 3 for practised hands' }),
    sizing: Type.Union(
      [
        Type.Object({ by: Type.Literal('wrist') }, closed),
        Type.Object({ by: Type.Literal('band'), band_mm: Type.Integer({ minimum: 20, maximum: 1000 }) }, closed),
      ],
      { description: 'made to a wrist, or to a fixed length' },
    ),
    opens: Type.Unsafe<'fastener' | 'slides' | 'no'>({
      type: 'string',
      enum: ['fastener', 'slides', 'no'],
      description: 'how it goes over the hand: a fastener opens it, it slides open, or it does not open',
    }),
    options: Type.Object(
      {
        loop: Type.Optional(LoopSchema),
        colours: Type.Optional(range),
        wraps: Type.Optional(range),
        swap: Type.Optional(Type.Boolean()),
        bead: Type.Optional(Type.String({ ...Id, description: 'the hardware that bead_mm sizes' })),
        beads: Type.Optional(Type.String({ ...Id, description: 'the section whose beads can be counted' })),
        sequence: Type.Optional(
          Type.Object(
            { section: Id, bead: Id, most: Type.Integer({ minimum: 1, maximum: 6 }) },
            {
              ...closed,
              description: 'the section whose beads can be of several kinds, the hardware, and how many kinds',
            },
          ),
        ),
        button: Type.Optional(Type.String({ ...Id, description: 'the hardware that button_mm sizes' })),
        stopper: Type.Optional(
          Type.String({ ...Id, description: 'the end knot that can be another, and who ties it' }),
        ),
        slider: Type.Optional(Type.String({ ...Id, description: 'the section whose square knots can be counted' })),
        turns: Type.Optional(Type.String({ ...Id, description: 'the wrapped knot whose turns can be chosen' })),
      },
      { ...closed, description: 'what a seat may choose, each with what it starts as' },
    ),
    hardware: Type.Array(HardwareNeedSchema, { maxItems: 8 }),
    parts: Type.Array(PartUseSchema, { maxItems: 30 }),
    sections: Type.Array(SectionSchema, { minItems: 1, maxItems: 20 }),
    layout: Type.Array(Id, {
      minItems: 1,
      maxItems: 40,
      description: 'the parts and sections that make up the band, from its start to its finish',
    }),
    closure: Type.Optional(
      Type.Array(Id, {
        maxItems: 8,
        description: 'the parts and sections that stand between the band’s ends when it is closed, once for each time',
      }),
    ),
    cords: Type.Array(CordSchema, { minItems: 1, maxItems: 20 }),
    alike: Type.Optional(
      Type.Literal(true, {
        description: 'all cords are cut to the length of the longest, so that it does not matter which is which',
      }),
    ),
    tools: Type.Optional(
      Type.Array(Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }), {
        maxItems: 8,
        uniqueItems: true,
        description: 'what the piece is held or worked with at the seat, beside what its parts take',
      }),
    ),
    making: Type.Optional(MakingSchema),
    notes: Type.Optional(
      Type.Array(Type.String({ maxLength: 200 }), {
        maxItems: 8,
        description: 'of earlier revisions: the making says it now',
      }),
    ),
  },
  closed,
);
export type Project = Static<typeof ProjectSchema>;
export type ProjectSection = Static<typeof SectionSchema>;
export type ProjectPart = Static<typeof PartUseSchema>;
export type ProjectCord = Static<typeof CordSchema>;
export type LegStep = Static<typeof StepSchema>;
