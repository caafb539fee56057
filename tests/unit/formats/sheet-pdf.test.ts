import fc from 'fast-check';
import { PDFPage } from 'pdf-lib';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import type { FontFiles } from '../../../src/formats/pdf';
import { bodiesOf, sheetPdf, type Sheet, type SheetTable } from '../../../src/formats/sheets';
import { readFonts } from '../../../src/threads/fonts';

let fonts: FontFiles;
beforeAll(async () => (fonts = await readFonts()));
afterEach(() => vi.restoreAllMocks());

/** What is written on each page, from its top, with where it ends. */
async function pagesOf(sheet: Partial<Sheet>): Promise<{ text: string; right: number }[][]> {
  const pages: PDFPage[] = [];
  const written: { text: string; y: number; right: number }[][] = [];
  vi.spyOn(PDFPage.prototype, 'drawText').mockImplementation(function (this: PDFPage, text, { x, y, size, font } = {}) {
    if (!pages.includes(this)) written[pages.push(this) - 1] = [];
    written[pages.indexOf(this)]!.push({ text, y: y!, right: x! + font!.widthOfTextAtSize(text, size!) });
  });
  await sheetPdf({ title: 'Sheet', line: '', sections: [], closing: [], ...sheet }, 'a4', fonts);
  vi.restoreAllMocks();
  return written.map((page) => [...page].sort((a, b) => b.y - a.y));
}

const columns: SheetTable['columns'] = [
  { name: 'Bag', share: 1, num: true },
  { name: 'Each', share: 3, num: true, length: true },
];
/** A table of groups of so many rows each: G0, with its rows R0.0, R0.1 … */
function grouped(sizes: readonly number[]): SheetTable {
  const rows = sizes.flatMap((size, g) => Array.from({ length: size }, (_, r) => [`R${g}.${r}`, `${r} cm`]));
  const groups = sizes.map((_, g) => ({ from: sizes.slice(0, g).reduce((a, b) => a + b, 0), words: `G${g}` }));
  return { heading: '', columns, rows, groups };
}

describe('lengths on paper', () => {
  it('stand under their cord, none alone at the foot or the head of a page, and none is left out', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 8 }), async (sizes) => {
        const pages = await pagesOf({ sections: [grouped(sizes)] });
        const rowsOn = pages.map((page) => page.map(({ text }) => text).filter((text) => /^R\d/.test(text)));
        expect(rowsOn.flat()).toHaveLength(sizes.reduce((a, b) => a + b, 0));
        for (const page of pages) {
          const lines = page.map(({ text }) => text).filter((text) => /^[GR]\d/.test(text));
          // A page begins with its cord, and a cord is never the last thing on it.
          expect(lines[0]).toMatch(/^G/);
          expect(lines.at(-1)).toMatch(/^R/);
        }
        sizes.forEach((size, g) => {
          const counts = rowsOn
            .map((rows) => rows.filter((row) => row.startsWith(`R${g}.`)).length)
            .filter((n) => n > 0);
          if (size <= 6) expect(counts).toEqual([size]);
          else expect(Math.min(...counts), `${size} over ${counts.join(', ')}`).toBeGreaterThan(1);
        });
      }),
      { numRuns: 25 },
    );
  });

  it('end at one line down the page, whatever their cord', async () => {
    const [page] = await pagesOf({ sections: [grouped([3, 2, 4])] });
    const ends = page!.filter(({ text }) => text.endsWith(' cm')).map(({ right }) => Math.round(right * 100));
    expect(ends).toHaveLength(9);
    expect(new Set(ends).size).toBe(1);
  });

  it('a list keeps its heading with its first lines, and a paragraph is whole', async () => {
    for (let rows = 20; rows < 32; rows++) {
      const [first, ...more] = await pagesOf({
        sections: [grouped([rows]), { heading: 'Before', lines: ['One', 'Two', 'Three'] }],
        closing: ['It does not replace the maker of the tool, the venue or a licensed authority. '.repeat(3), 'Last'],
      });
      const at = (text: string) => [first!, ...more].findIndex((page) => page.some((line) => line.text === text));
      expect(at('One'), `${rows} rows`).toBe(at('Before'));
      expect(at('Two'), `${rows} rows`).toBe(at('Before'));
    }
  });
});

it('rows that are not grouped are one body, and groups have all rows between them', () => {
  expect(bodiesOf({ heading: '', columns, rows: [['1', '2']] })).toEqual([{ rows: [['1', '2']] }]);
  expect(bodiesOf(grouped([2, 1])).map(({ words, rows }) => [words, rows.length])).toEqual([
    ['G0', 2],
    ['G1', 1],
  ]);
});
