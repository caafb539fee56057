import { describe, expect, it } from 'vitest';
import {
  checked,
  document,
  listOf,
  moment,
  number,
  orNull,
  text,
  word,
  written,
} from '../../../src/data/database/columns';

const COLUMNS = {
  id: text('m.id'),
  hand: number(),
  kind: word(['spool', 'bag'], 'lots.kind'),
  due: orNull(moment()),
  free: listOf(number('array_agg(hand)')),
  doc: document(),
};
const ROW = { id: 'a', hand: 3, kind: 'bag', due: null, free: [1, 2], doc: {} };

describe('rows by their columns', () => {
  it('are asked for as they are named', () => {
    expect(written(COLUMNS)).toBe('m.id AS id, hand, lots.kind AS kind, due, array_agg(hand) AS free, doc');
  });

  it('come as they are, where every cell is what its column says', () => {
    expect(checked(COLUMNS, [ROW, { ...ROW, due: new Date(0) }])).toHaveLength(2);
  });

  it.each([
    [{ hand: '3' }, 'hand came as string, not a number'],
    [{ kind: 'hank' }, 'kind came as string, not one of spool, bag'],
    [{ due: '2030-05-04' }, 'due came as string, not a moment, or null'],
    [{ free: [1, '2'] }, 'free came as object, not a list, each a number'],
    [{ doc: null }, 'doc came as object, not a document'],
    [{ id: undefined }, 'id came as undefined, not a text'],
  ])('are refused with %j', (wrong, why) => {
    expect(() => checked(COLUMNS, [{ ...ROW, ...wrong }])).toThrow(why);
  });
});
