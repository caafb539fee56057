import fc from 'fast-check';
import type { TSchema } from '@sinclair/typebox';
import { describe, expect, it } from 'vitest';
import { ROWS } from '../../../src/formats/archive';
import { splitRows } from '../../../src/formats/archive/split-rows';
import { parseJson } from '../../../src/formats/json';

async function* parts(text: string, size: number): AsyncGenerator<Uint8Array> {
  const bytes = new TextEncoder().encode(text);
  for (let from = 0; from < bytes.length; from += size) yield bytes.subarray(from, from + size);
}
const split = async (text: string, size = 7): Promise<string[]> => {
  const rows: string[] = [];
  for await (const row of splitRows(parts(text, size))) rows.push(row);
  return rows;
};

describe('rows of a list', () => {
  it('are those that the standard parser reads, however the text is cut and spaced', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.dictionary(fc.string(), fc.jsonValue({ maxDepth: 4 }))),
        fc.integer({ min: 1, max: 40 }),
        fc.constantFrom(undefined, 2, '\t'),
        async (rows, size, indent) => {
          const read = (await split(JSON.stringify(rows, null, indent), size)).map((row) => JSON.parse(row) as unknown);
          expect(read).toEqual(JSON.parse(JSON.stringify(rows)));
        },
      ),
    );
  });

  it.each(['', '{', '[', '[{}', '[{},]', '[,{}]', '[1]', '[{}] x', '{"a": []}', '[{}{}]', 'null', '[{"a": "}]'])(
    'are not read of %j',
    async (text) => {
      await expect(split(text)).rejects.toThrow();
    },
  );
});

it('JSON nested without end is no JSON, and quotation marks do not hide it', () => {
  expect(parseJson('['.repeat(100_000)).ok).toBe(false);
  expect(parseJson(`{"a": "\\"[[", "b": ${'[['.repeat(80)}`).ok).toBe(false);
  expect(parseJson(`"${'['.repeat(500)}"`)).toEqual({ ok: true, value: '['.repeat(500) });
});

describe('every column of an archive', () => {
  /** Schemas of numbers, texts and lists that have no end, by where they are. */
  function endless(schema: TSchema, at: string): string[] {
    const inner = [
      ...((schema.anyOf as TSchema[] | undefined) ?? []).map((one, i) => endless(one, `${at}|${i}`)),
      ...Object.entries((schema.properties as Record<string, TSchema> | undefined) ?? {}).map(([name, one]) =>
        endless(one, `${at}/${name}`),
      ),
      ...Object.values((schema.patternProperties as Record<string, TSchema> | undefined) ?? {}).map((one) =>
        endless(one, `${at}/*`),
      ),
      ...(schema.items ? [endless(schema.items as TSchema, `${at}/-`)] : []),
    ].flat();
    const isNumber = schema.const === undefined && (schema.type === 'number' || schema.type === 'integer');
    const isBounded = ['minimum', 'exclusiveMinimum'].some((key) => key in schema) && 'maximum' in schema;
    return isNumber && !isBounded ? [at, ...inner] : inner;
  }
  it('has an end: no number is taken that could be of any size', () => {
    const found = Object.entries(ROWS).flatMap(([table, columns]) =>
      Object.entries(columns).flatMap(([column, schema]) => endless(schema, `${table}.${column}`)),
    );
    expect(found).toEqual([]);
  });
});
