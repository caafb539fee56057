import { Type, type Static } from '@sinclair/typebox';
import { SlugSchema } from '../studio';

/** What a piece of hardware is; a place in a project takes some kinds and not others. */
export const HARDWARE_KINDS = [
  'buckle',
  'split-ring',
  'swivel',
  'snap-hook',
  'breakaway',
  'bead',
  'spacer',
  'tube',
  'button',
  'shank-button',
  'washer',
  'charm',
] as const;

const mm = (minimum: number, maximum: number, title: string, description: string) =>
  Type.Number({ minimum, maximum, title, description: `mm ${description}` });

/** Hardware, a bead or a button, with the measures the sizing needs. Measure your own and change them. */
export const HardwareSchema = Type.Object(
  {
    format: Type.Literal('lapboard-hardware'),
    version: Type.Literal(1),
    revision: Type.Integer({
      minimum: 1,
      maximum: 1_000_000,
      description: 'counts the saved versions of this document',
    }),
    slug: SlugSchema,
    name: Type.String({ minLength: 1, maxLength: 80 }),
    kind: Type.Unsafe<(typeof HARDWARE_KINDS)[number]>({ type: 'string', enum: [...HARDWARE_KINDS] }),
    bar_mm: mm(0.5, 15, 'Bar', 'through the bar inside that the cord turns round; of a bead, its wall'),
    opening_mm: mm(0.3, 80, 'Opening', 'inside, across which strands lie side by side; of a bead or button, its hole'),
    closed_mm: mm(
      0,
      120,
      'Closed length',
      'that shows when it is closed, edge to edge: the knotting stands against it; 0 where it does not close a band',
    ),
    length_mm: mm(
      0,
      120,
      'Length',
      'a strand runs inside it, or the band length it stands for; of a button, its thickness',
    ),
    width_mm: mm(0, 120, 'Width', 'across; of a bead or button, its diameter'),
    nickel: Type.Boolean({ title: 'Contains nickel' }),
    source: Type.String({ minLength: 1, maxLength: 300 }),
  },
  { additionalProperties: false },
);
export type Hardware = Static<typeof HardwareSchema>;

/**
 * The size a bead or button goes by, mm: a tube's or charm's length, the diameter of anything else.
 *
 * @example
 * sizeOf(catalogue.hardware['bead-8']) // 8
 */
export const sizeOf = ({ kind, length_mm, width_mm }: Hardware): number =>
  kind === 'tube' || kind === 'charm' ? length_mm : width_mm;

/**
 * The same bead, button or charm in another size, in proportion; of a tube only its length. The hole stays.
 *
 * @example
 * sizeOf(resized(catalogue.hardware['bead-8'], 10)) // 10
 */
export function resized(hardware: Hardware, mm: number): Hardware {
  const size = sizeOf(hardware);
  if (size === mm || size === 0) return hardware;
  const share = mm / size;
  return {
    ...hardware,
    name: `${hardware.name.replace(/ \d+(\.\d+)? mm$/, '')} ${mm} mm`,
    width_mm: hardware.kind === 'tube' ? hardware.width_mm : hardware.width_mm * share,
    length_mm: hardware.length_mm * share,
  };
}
