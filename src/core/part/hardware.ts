import { Type, type Static } from '@sinclair/typebox';

/** A piece of hardware a part is tied to, with the measures the sizing needs. Measure your own and change them. */
export const HardwareSchema = Type.Object(
  {
    format: Type.Literal('lapboard-hardware'),
    version: Type.Literal(1),
    slug: Type.String({ pattern: '^[a-z0-9-]+$', maxLength: 40 }),
    name: Type.String({ minLength: 1, maxLength: 80 }),
    kind: Type.Unsafe<'buckle' | 'split-ring' | 'swivel' | 'snap-hook' | 'breakaway'>({
      type: 'string',
      enum: ['buckle', 'split-ring', 'swivel', 'snap-hook', 'breakaway'],
    }),
    bar_mm: Type.Number({
      minimum: 0.5,
      maximum: 15,
      title: 'Bar',
      description: 'mm through what the cord turns round',
    }),
    opening_mm: Type.Number({
      minimum: 1,
      maximum: 80,
      title: 'Opening',
      description: 'mm inside, across which strands lie side by side',
    }),
    closed_mm: Type.Number({
      minimum: 0,
      maximum: 120,
      title: 'Closed length',
      description: 'mm along the band, bar to bar when closed; 0 where it does not close a band',
    }),
    nickel: Type.Boolean({ title: 'Contains nickel' }),
    source: Type.String({ minLength: 1, maxLength: 300 }),
  },
  { additionalProperties: false },
);
export type Hardware = Static<typeof HardwareSchema>;
