import { Type } from '@sinclair/typebox';
import { describe, expect, it } from 'vitest';
import { checker } from '../../../src/formats/check';
import { parseJson } from '../../../src/formats/json';

const check = checker(
  Type.Object(
    {
      kind: Type.Unsafe<string>({ type: 'string', enum: ['bag', 'spool'] }),
      format: Type.Literal('lapboard-shelf'),
      lots: Type.Array(
        Type.Union([
          Type.Object({ cord: Type.String(), mm: Type.Integer({ minimum: 1 }) }, { additionalProperties: false }),
          Type.Object({ piece: Type.String(), count: Type.Integer({ minimum: 1 }) }, { additionalProperties: false }),
        ]),
        { minItems: 1 },
      ),
    },
    { additionalProperties: false },
  ),
);
const good = { kind: 'bag', format: 'lapboard-shelf', lots: [{ cord: 'satin-2', mm: 900 }] };
const fault = (value: unknown) => {
  const checked = check(value);
  return checked.ok ? null : [checked.fault.at, checked.fault.error];
};

describe('what is wrong with a document', () => {
  it('is nothing where it keeps to its schema, and it is handed on as it is', () => {
    expect(check(good)).toEqual({ ok: true, value: good });
    expect(fault({ ...good, lots: [{ piece: 'bead-4', count: 3 }] })).toBeNull();
  });

  it('is said in words, at its place', () => {
    expect(fault({ ...good, kind: 'drum' })).toEqual(['/kind', 'must be one of: bag, spool']);
    expect(fault({ ...good, format: 'other' })).toEqual(['/format', 'must be "lapboard-shelf"']);
    expect(fault({ ...good, note: '' })).toEqual(['/note', '“note” is not known here']);
    const { kind: _, ...without } = good;
    expect(fault(without)).toEqual(['/kind', '“kind” is missing']);
    expect(fault({ ...good, lots: [] })).toEqual(['/lots', 'must have at least 1']);
    expect(fault({ ...good, lots: 'bag' })).toEqual(['/lots', 'must be a list']);
    expect(fault(null)).toEqual(['', 'must be an object']);
  });

  it.each([
    [Type.Integer({ minimum: 90, maximum: 280 }), 89, 'must be at least 90'],
    [Type.Integer({ minimum: 90, maximum: 280 }), 281, 'must be at most 280'],
    [Type.Integer(), 1.5, 'must be a whole number'],
    [Type.Number({ exclusiveMinimum: 0 }), 0, 'must be more than 0'],
    [Type.String({ minLength: 1 }), '', 'must not be empty'],
    [Type.String({ maxLength: 3 }), 'Ebba', 'must be at most 3 characters long'],
    [Type.String({ format: 'date' }), '1 May', 'must be a day, as 2030-05-01'],
    [Type.String({ format: 'uuid' }), 'first', 'must be a uuid'],
    [Type.String({ pattern: '^[a-z]+$' }), 'A b', 'is not written as it must be'],
    [Type.Array(Type.Number(), { uniqueItems: true }), [1, 1], 'must not have the same thing twice'],
    [Type.Array(Type.Number(), { maxItems: 1 }), [1, 2], 'must have at most 1'],
    [Type.Object({}, { minProperties: 1 }), {}, 'must change something'],
    [Type.Boolean(), 'yes', 'must be true or false'],
  ])('by the limit that was passed: %j of %j', (schema, value, words) => {
    expect(checker(schema)(value)).toEqual({ ok: false, fault: { at: '', error: words } });
  });

  it('of what may be one thing or another is named where it is deepest', () => {
    const [at] = fault({ ...good, lots: [...good.lots, { cord: 'satin-2', mm: 0 }] })!;
    expect(at).toBe('/lots/1/mm');
  });
});

describe('a text that should be JSON', () => {
  it('is read, or said to be none', () => {
    expect(parseJson('{"a": [1, "ü"]}')).toEqual({ ok: true, value: { a: [1, 'ü'] } });
    for (const text of ['', '{', 'Ada 16.5 cm', '{"a": 1,}'])
      expect(parseJson(text)).toMatchObject({
        ok: false,
        fault: { at: '', error: expect.stringMatching(/not JSON/) as string },
      });
  });
});
