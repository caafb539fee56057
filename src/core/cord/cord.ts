import { Type, type Static } from '@sinclair/typebox';
import { SlugSchema } from '../studio';
import { LearnedUseSchema } from './learned-use';

/** The fibres cords are made of, and whether heat melts them into themselves (nylon and polyester) or burns them. */
const FIBRES = { nylon: true, polyester: true, cotton: false, hemp: false, leather: false } as const;
export type Fibre = keyof typeof FIBRES;

export const ColourSchema = Type.Object(
  {
    slug: SlugSchema,
    name: Type.String({ minLength: 1, maxLength: 60 }),
    hex: Type.String({ pattern: '^#[0-9a-f]{6}$' }),
  },
  { additionalProperties: false },
);
export type Colour = Static<typeof ColourSchema>;

/** How thin a finished band is, as a share of its strands one on the other, round: cord flattens where strands cross. */
export const FlatteningSchema = Type.Number({
  minimum: 0.4,
  maximum: 1,
  title: 'Flattening',
  description:
    'thickness of a finished band, as a share of its strands stacked round: cord flattens where strands cross',
});

/** A kind of cord and what the sizing needs to know of it. */
export const CordSchema = Type.Object(
  {
    format: Type.Literal('lapboard-cord'),
    version: Type.Literal(1),
    revision: Type.Integer({
      minimum: 1,
      maximum: 1_000_000,
      description: 'counts the saved versions of this document',
    }),
    slug: SlugSchema,
    name: Type.String({ minLength: 1, maxLength: 80 }),
    diameter_mm: Type.Number({ minimum: 0.2, maximum: 12, title: 'Diameter', description: 'mm, slack' }),
    fibre: Type.Unsafe<Fibre>({ type: 'string', enum: Object.keys(FIBRES) }),
    compression: Type.Number({
      minimum: 0.4,
      maximum: 1,
      title: 'Compression',
      description: 'diameter in a drawn-up knot, as a share of the slack diameter',
    }),
    flattening: Type.Optional(FlatteningSchema),
    stiffness: Type.Unsafe<'soft' | 'medium' | 'stiff'>({ type: 'string', enum: ['soft', 'medium', 'stiff'] }),
    source: Type.String({ minLength: 1, maxLength: 300, description: 'where the figures come from' }),
    colours: Type.Array(ColourSchema, { minItems: 1, maxItems: 60 }),
    learned: Type.Optional(Type.Array(LearnedUseSchema, { maxItems: 200 })),
  },
  { additionalProperties: false },
);
export type Cord = Static<typeof CordSchema>;

/**
 * Diameter in a drawn-up knot, mm: the slack diameter times the cord's compression. Stitch geometry is in this unit.
 *
 * @example
 * workedDiameter(satin) < satin.diameter_mm // true
 * workedDiameter({ ...satin, diameter_mm: 2, compression: 0.8 }) // 1.6
 */
export function workedDiameter(cord: Cord): number {
  return cord.diameter_mm * cord.compression;
}

/**
 * Thickness of a finished band of this cord, as a share of its strands stacked round; 1 where nobody measured it.
 *
 * @example
 * flatteningOf({ ...satin, flattening: 0.7 }) // 0.7
 */
export function flatteningOf(cord: Cord): number {
  return cord.flattening ?? 1;
}

/**
 * Whether heat fuses the cord. Follows from the fibre alone, so that no document can claim otherwise.
 *
 * @example
 * fuses(satin) // true
 * fuses({ ...satin, fibre: 'cotton' }) // false
 */
export function fuses(cord: Cord): boolean {
  return FIBRES[cord.fibre];
}

/**
 * Whether the fibre is man-made, for wearers who refuse such cord on the skin.
 *
 * @example
 * isSynthetic(satin) // true
 */
export function isSynthetic(cord: Cord): boolean {
  return cord.fibre === 'nylon' || cord.fibre === 'polyester';
}
