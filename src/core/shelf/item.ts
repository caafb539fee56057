import { Type, type Static } from '@sinclair/typebox';
import type { Cord } from '../cord';

/** What kinds of things the shelf holds. Cord is counted in millimetres, everything else in pieces. */
export const ITEM_KINDS = ['cord', 'hardware', 'consumable', 'tool'] as const;
export type ItemKind = (typeof ITEM_KINDS)[number];

export const ItemIdSchema = Type.String({
  pattern: '^(cord/[a-z0-9-]+/[a-z0-9-]+|(hardware|consumable|tool)/[a-z0-9-]+)$',
  maxLength: 130,
});

const positive = (title: string, maximum: number) => Type.Integer({ minimum: 1, maximum, title });
const orNull = <T extends Parameters<typeof Type.Union>[0][number]>(schema: T) => Type.Union([schema, Type.Null()]);

/** Something the shelf can hold, with how it is bought. What is not known is null, not guessed. */
export const ItemSchema = Type.Object(
  {
    id: ItemIdSchema,
    name: Type.String({ minLength: 1, maxLength: 160, pattern: '\\S' }),
    pack: orNull(positive('Pack', 1_000_000)),
    price: orNull(
      Type.Integer({ minimum: 0, maximum: 10_000_000, description: 'of a pack, in minor units of currency' }),
    ),
    lead_days: orNull(Type.Integer({ minimum: 0, maximum: 365, description: 'from order to delivery' })),
    mass: orNull(Type.Number({ exclusiveMinimum: 0, maximum: 1000, description: 'grams a metre of cord, weighed' })),
    seats: Type.Optional(
      Type.Integer({ minimum: 1, maximum: 1000, description: 'of a consumable: how many seats one is enough for' }),
    ),
  },
  { additionalProperties: false },
);
export type Item = Static<typeof ItemSchema>;

/**
 * What an item is, from its id.
 *
 * @example
 * kindOf('cord/satin-2/race') // 'cord'
 */
export const kindOf = (item: string): ItemKind => item.split('/')[0] as ItemKind;
/**
 * The id of a cord in a colour.
 *
 * @example
 * cordItem('satin-2', 'race') // 'cord/satin-2/race'
 */
export const cordItem = (cord: string, colour: string): string => `cord/${cord}/${colour}`;
/**
 * The id of a piece of hardware.
 *
 * @example
 * hardwareItem('split-ring-25') // 'hardware/split-ring-25'
 */
export const hardwareItem = (slug: string): string => `hardware/${slug}`;

/**
 * The id of a consumable or tool by its name.
 *
 * @example
 * namedItem('tool', 'Small lighter') // 'tool/small-lighter'
 */
export const namedItem = (kind: 'consumable' | 'tool', name: string): string =>
  `${kind}/${
    name
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 100) || 'unnamed'
  }`;

/**
 * The cord and colour of a cord's item, null for anything else.
 *
 * @example
 * cordOf('cord/satin-2/race') // { cord: 'satin-2', colour: 'race' }
 * cordOf('hardware/split-ring-25') // null
 */
export function cordOf(item: string): { readonly cord: string; readonly colour: string } | null {
  const [kind, cord, colour] = item.split('/');
  return kind === 'cord' && cord && colour ? { cord, colour } : null;
}

/**
 * An item as it starts: with a name, and nothing known of how it is bought.
 *
 * @example
 * newItem('hardware/split-ring-25', 'Split ring 25 mm').name // 'Split ring 25 mm'
 */
export const newItem = (id: string, name: string): Item => ({
  id,
  name,
  pack: null,
  price: null,
  lead_days: null,
  mass: null,
});

/** Solid fibre, grams a cubic centimetre: textbook densities. */
const DENSITY: Record<Cord['fibre'], number> = {
  nylon: 1.14,
  polyester: 1.38,
  cotton: 1.54,
  hemp: 1.48,
  leather: 0.95,
};

/**
 * Grams a metre of a cord nobody has weighed: the volume of its round at the slack diameter, times the share of it that is fibre,
 * times the fibre's density. An estimate, good to a third; weighing a measured length replaces it.
 *
 * @param fill share of the round that is fibre, a studio's figure
 *
 * @example
 * estimateMass(satin, 0.7) > estimateMass({ ...satin, diameter_mm: 1 }, 0.7) // true
 */
export function estimateMass(cord: Cord, fill: number): number {
  const area = (Math.PI / 4) * cord.diameter_mm ** 2;
  return area * (cord.fibre === 'leather' ? 1 : fill) * DENSITY[cord.fibre];
}
