import { Type, type Static } from '@sinclair/typebox';
import { SequenceSchema } from './sequence';
import { LoopSchema, SLUG, SlugSchema, StopperSchema, TiedSchema } from '../studio';

/** What a seat may choose about its piece. A choice that the project does not offer is answered with a message, not ignored. */
export const OptionsSchema = Type.Object(
  {
    loop: Type.Optional(LoopSchema),
    colours: Type.Optional(Type.Integer({ minimum: 1, maximum: 6 })),
    flame: Type.Optional(Type.Boolean()),
    swap: Type.Optional(Type.Boolean({ description: 'working and core legs change places half-way' })),
    wraps: Type.Optional(Type.Integer({ minimum: 1, maximum: 4, description: 'times round the wrist' })),
    bead_mm: Type.Optional(Type.Number({ minimum: 2, maximum: 40, description: 'size of the large bead, mm' })),
    beads: Type.Optional(
      Type.Integer({ minimum: 1, maximum: 120, description: 'how many beads, instead of all round' }),
    ),
    sequence: Type.Optional(SequenceSchema),
    button_mm: Type.Optional(Type.Number({ minimum: 6, maximum: 50, description: 'diameter of the button, mm' })),
    stopper: Type.Optional(StopperSchema),
    tied: Type.Optional(TiedSchema),
    slider: Type.Optional(Type.Integer({ minimum: 1, maximum: 12, description: 'square knots of the slider' })),
    turns: Type.Optional(Type.Integer({ minimum: 1, maximum: 6, description: 'turns of a sliding wrapped knot' })),
    hardware: Type.Optional(
      Type.String({ pattern: SLUG, maxLength: 40, description: 'the buckle, ring, swivel or hook' }),
    ),
  },
  { additionalProperties: false },
);
export type Options = Static<typeof OptionsSchema>;

/**
 * Hardware that options name, each with its place in them.
 *
 * @example
 * hardwareOf({ hardware: 'buckle-15' }) // [{ at: 'hardware', slug: 'buckle-15' }]
 */
export const hardwareOf = ({ hardware, sequence }: Options): { readonly at: string; readonly slug: string }[] => [
  ...(hardware === undefined ? [] : [{ at: 'hardware', slug: hardware }]),
  ...(sequence?.kinds ?? []).map((slug, i) => ({ at: `sequence/kinds/${i}`, slug })),
  ...(sequence?.ends === undefined ? [] : [{ at: 'sequence/ends', slug: sequence.ends }]),
];

/** The cord and colours chosen for one role. */
export const CordChoiceSchema = Type.Object(
  {
    cord: SlugSchema,
    colours: Type.Optional(Type.Array(SlugSchema, { maxItems: 6 })),
  },
  { additionalProperties: false },
);
export type CordChoice = Static<typeof CordChoiceSchema>;
