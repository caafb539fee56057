import fc from 'fast-check';
import { expect, it } from 'vitest';
import { wordOrder } from '../../../src/core/region';

const WORDS = fc.string({ unit: fc.constantFrom(...'aAáÁbBzZéßøØ -1９漢') });

it('names stand as a person looks for them: capitals and marks do not send one to the end', () => {
  const shelf = ['Waxed braid', 'Éclair', 'sheathed line', 'Satin', 'eel', 'Ärmel', 'Sheathed Line', 'Satin 2', 'zest'];
  expect(shelf.sort(wordOrder)).toEqual([
    'Ärmel',
    'Éclair',
    'eel',
    'Satin',
    'Satin 2',
    'Sheathed Line',
    'sheathed line',
    'Waxed braid',
    'zest',
  ]);
});

it('is one order over all words: the same list from whatever order it came in', () => {
  fc.assert(
    fc.property(fc.array(WORDS, { maxLength: 12 }), (words) => {
      const sorted = [...words].sort(wordOrder);
      expect([...words].reverse().sort(wordOrder)).toEqual(sorted);
      for (let i = 1; i < sorted.length; i++) expect(wordOrder(sorted[i - 1]!, sorted[i]!)).toBeLessThanOrEqual(0);
      for (const a of words) for (const b of words) expect(wordOrder(a, b) + wordOrder(b, a)).toBe(0);
    }),
  );
});

it('days come in their order', () => {
  const days = ['2031-01-02', '2030-12-31', '2030-02-11'];
  expect(days.sort(wordOrder)).toEqual(['2030-02-11', '2030-12-31', '2031-01-02']);
});
