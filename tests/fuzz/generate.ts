import type { TSchema } from '@sinclair/typebox';

/** Chance that is the same for the same seed. */
export function chance(seed: number): () => number {
  let state = seed % 2_147_483_647 || 1;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

/** Texts that break things. */
const TEXTS = [
  '',
  ' ',
  'a\0b',
  '\ud800',
  'x\udfff',
  '\u202eevil',
  '💈'.repeat(40),
  "'; DROP TABLE people; --",
  '<script>alert(1)</script>',
  '__proto__',
  'constructor',
  'toString',
  '-'.repeat(36),
  '../../etc/passwd',
  '%00%ff',
  '\n\r\t',
  'é'.repeat(300),
  '9'.repeat(400),
  '1e309',
  'NaN',
  '0000-00-00',
  '2030-02-30',
  '9999-12-31',
  '25:61',
];
const NUMBERS = [0, -1, 1.5, 2 ** 31 - 1, 2 ** 31, -(2 ** 31) - 1, 2 ** 53, 1e308, -1e308, 5e-324, 0.1 + 0.2];

/** Values from a schema, mostly fitting it, each now and then made to break something. */
export class Generator {
  constructor(
    private readonly random: () => number,
    /** Ids that there are, so that what is sent reaches something. */
    private readonly known: readonly string[],
    /** How often a value is spoilt. */
    private readonly spoil: number,
  ) {}

  private below(n: number): number {
    return Math.floor(this.random() * n);
  }
  pick<T>(all: readonly T[]): T {
    return all[this.below(all.length)]!;
  }

  /** Anything but what is wanted. */
  private wild(depth: number): unknown {
    const kinds = [
      () => null,
      () => this.pick(TEXTS),
      () => this.pick(NUMBERS),
      () => this.random() < 0.5,
      () => (depth > 3 ? [] : Array.from({ length: this.below(4) }, () => this.wild(depth + 1))),
      () => (depth > 3 ? {} : { [this.pick(TEXTS)]: this.wild(depth + 1) }),
      () => JSON.parse('{"__proto__": {"admin": true}}') as unknown,
      () => JSON.parse(`${'['.repeat(60)}${']'.repeat(60)}`) as unknown,
    ];
    return this.pick(kinds)();
  }

  value(schema: TSchema, depth = 0): unknown {
    if (this.random() < this.spoil) return this.wild(depth);
    if (Array.isArray(schema.anyOf)) return this.value(this.pick(schema.anyOf as TSchema[]), depth);
    if (schema.const !== undefined) return schema.const;
    if (Array.isArray(schema.enum)) return this.pick(schema.enum as unknown[]);
    switch (schema.type) {
      case 'object':
        return this.object(schema, depth);
      case 'array': {
        const { minItems = 0, maxItems = 3 } = schema as { minItems?: number; maxItems?: number };
        const length = Math.min(maxItems, minItems + this.below(3));
        return Array.from({ length }, () => this.value(schema.items as TSchema, depth + 1));
      }
      case 'integer':
      case 'number':
        return this.number(schema as { minimum?: number; maximum?: number }, schema.type === 'integer');
      case 'boolean':
        return this.random() < 0.5;
      case 'null':
        return null;
      default:
        return this.text(schema as { format?: string; pattern?: string; maxLength?: number });
    }
  }

  private object(schema: TSchema, depth: number): unknown {
    const out: Record<string, unknown> = {};
    const required = new Set((schema.required as string[] | undefined) ?? []);
    for (const [name, inner] of Object.entries((schema.properties as Record<string, TSchema> | undefined) ?? {}))
      if (required.has(name) ? this.random() > this.spoil / 3 : this.random() < 0.5)
        out[name] = this.value(inner, depth + 1);
    if (this.random() < this.spoil / 3) out[this.pick(TEXTS) || 'x'] = this.wild(depth + 1);
    return out;
  }

  private number({ minimum = 0, maximum = 500 }: { minimum?: number; maximum?: number }, whole: boolean): number {
    const edge = this.random();
    if (edge < 0.15) return minimum;
    if (edge < 0.3) return maximum;
    const value = minimum + this.random() * Math.min(maximum - minimum, 400);
    return whole ? Math.floor(value) : value;
  }

  private text({ format, pattern, maxLength = 40 }: { format?: string; pattern?: string; maxLength?: number }): string {
    if (format === 'uuid')
      return this.random() < 0.7
        ? this.pick(this.known)
        : `00000000-0000-4000-8000-${String(this.below(1e6)).padStart(12, '0')}`;
    if (format === 'date') return this.pick(['2030-05-04', '1900-01-01', '2199-12-31', '2031-02-28']);
    if (format === 'date-time') return this.pick(['2030-05-04T10:00:00.000Z', '2000-01-01T00:00:00Z']);
    if (pattern?.includes('cord/'))
      return this.pick(['cord/sheathed-4/race', 'hardware/buckle-15', 'tool/awl', 'cord/no/such']);
    if (pattern?.includes('a-z0-9-'))
      return this.pick(['sheathed-4', 'band-buckle', 'fob-ring', 'race', 'buckle-15', 'no-such', 'satin-2', 'a']);
    if (pattern?.includes('[01]')) return this.pick(['00:00', '23:59', '10:30']);
    return this.pick(['Ada', 'Bo Trow, 16.5 cm', 'Weir loft', 'Ünlü', ...TEXTS]).slice(0, maxLength);
  }
}
