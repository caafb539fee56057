import { type PDFPage, decodePDFRawStream, PDFArray, PDFDocument, type PDFRawStream } from 'pdf-lib';
import QRCode from 'qrcode';
import { beforeAll, describe, expect, it } from 'vitest';
import { readFonts } from '../../../src/threads/fonts';
import { labelsPdf, type Label } from '../../../src/formats/labels';
import { MM, newDocument, PAPER, widthOf, write, type Faces } from '../../../src/formats/pdf';
import { sheetPdf, type Sheet } from '../../../src/formats/sheets';

let plain: Faces;
let bold: Faces;
beforeAll(async () => ({ plain, bold } = await newDocument(await readFonts(), 'Test')));

/** What is written on a page: each run with where it stands and how large. */
function written(text: string, most: number, width: number, faces = plain) {
  const runs: { text: string; x: number; size: number; right: number }[] = [];
  const drawText: PDFPage['drawText'] = (run, { x, size, font } = {}) => {
    runs.push({ text: run, x: x!, size: size!, right: x! + font!.widthOfTextAtSize(run, size!) });
  };
  write({ drawText } as PDFPage, text, 100, 0, most, faces, width);
  return { text: runs.map((run) => run.text).join(''), runs, right: runs.at(-1)?.right ?? 100 };
}

describe('a line on paper', () => {
  it('is as large as asked where there is room, and in one run', () => {
    const { text, runs } = written('Odo Fenwright', 12, 500);
    expect(text).toBe('Odo Fenwright');
    expect(runs).toMatchObject([{ x: 100, size: 12 }]);
  });

  it('is smaller where there is not, and just fits', () => {
    const wide = widthOf('Odo Fenwright', plain, 12);
    const { text, runs, right } = written('Odo Fenwright', 12, wide * 0.75);
    expect(text).toBe('Odo Fenwright');
    expect(runs[0]!.size).toBeCloseTo(9, 5);
    expect(right).toBeCloseTo(100 + wide * 0.75, 3);
  });

  it.each(['Odo Fenwright of the Lower Weir Terrace', 'Łucja Żółć-Świętokrzyska', '名前'.repeat(12)])(
    'is cut off with dots where six points are too wide: %s',
    (name) => {
      for (const width of [12, 30, 47.5]) {
        const { text, runs, right } = written(name, 12, width);
        expect(runs.every(({ size }) => size === 6)).toBe(true);
        expect(right).toBeLessThanOrEqual(100 + width + 0.01);
        expect(text).toMatch(/…$/);
        // No letter less than there was room for.
        const kept = [...text].length - 1;
        const one = written([...name].slice(0, kept + 2).join(''), 6, 1000).right - 100;
        expect(one + widthOf('…', plain, 6)).toBeGreaterThan(width - 6);
      }
    },
  );

  it('takes each letter from a font that has it, and one that none has is a mark that says so', () => {
    const { text, runs } = written('Łucja 名', 12, 500);
    expect(text).toMatch(/^Łucja [□?]$/);
    // The first letter is in the file of further latin letters; the rest of the name is not.
    expect(runs.length).toBeGreaterThan(1);
    expect(runs[1]!.x).toBeCloseTo(runs[0]!.right, 6);
    // Bold where the bold face has it.
    expect(widthOf('Odo', bold, 12)).toBeGreaterThan(widthOf('Odo', plain, 12));
  });
});

describe('sheets and labels', () => {
  const sheet = (rows: number, more: Partial<Sheet> = {}): Sheet => ({
    title: 'Cut',
    line: 'Tide club',
    sections: [
      {
        heading: 'Sheathed nylon 4 mm',
        columns: [
          { name: 'Length', share: 1, large: true },
          { name: 'For', share: 3 },
        ],
        rows: Array.from({ length: rows }, (_, i) => ['235.5 cm', `Guest ${i}`]),
      },
    ],
    closing: [],
    ...more,
  });
  const pages = async (of: Sheet, paper: 'a4' | 'letter' = 'a4') =>
    (await PDFDocument.load(await sheetPdf(of, paper, await readFonts()))).getPageCount();

  it('turn the page before a row that would not fit whole', async () => {
    // A4 less its margins and the room for the page’s number: 267 mm. Head 16.5, heading 15.5, then rows of 8.5: 27 of them.
    expect(await pages(sheet(27))).toBe(1);
    expect(await pages(sheet(28))).toBe(2);
    // US Letter is 17.6 mm shorter, which is two rows and a bit.
    expect(await pages(sheet(25), 'letter')).toBe(1);
    expect(await pages(sheet(26), 'letter')).toBe(2);
  });

  it('keep room for what is said before and after', async () => {
    const long =
      'A finished band is decoration: never for climbing, lifting, towing or holding a person’s weight. '.repeat(4);
    expect(await pages(sheet(27, { closing: [long] }))).toBe(2);
    expect(await pages(sheet(20, { closing: [long] }))).toBe(1);
    expect(await pages(sheet(27, { warning: 'Not everybody is in this list.' }))).toBe(2);
  });

  it('have 21 labels a page, and a page where there is none', async () => {
    const label = (i: number): Label => ({
      number: String(i),
      name: `Guest ${i}`,
      title: 'Buckle band',
      lines: Array.from({ length: 9 }, (_, n) => `Line ${n}`),
      opens: `http://127.0.0.1/${i}`,
    });
    const count = async (n: number) =>
      (
        await PDFDocument.load(
          await labelsPdf(
            Array.from({ length: n }, (_, i) => label(i)),
            'letter',
            await readFonts(),
            'Bags',
          ),
        )
      ).getPageCount();
    expect(await count(21)).toBe(1);
    expect(await count(22)).toBe(2);
    expect(await count(0)).toBe(1);
  });
});

describe('labels on their sheet', () => {
  const label = (i: number): Label => ({
    number: String(i),
    name: `Guest ${i}`,
    title: 'Buckle band',
    lines: Array.from({ length: 9 }, (_, n) => `Line ${n}`),
    opens: `http://127.0.0.1:4321/sessions/6f1c1c2e/kit?seat=${i}`,
  });
  /** What a page draws: an operator a line, as it is in the file. */
  const drawnOn = async (bytes: Uint8Array): Promise<string> => {
    const page = (await PDFDocument.load(bytes)).getPage(0);
    const contents = page.node.Contents()!;
    const streams =
      contents instanceof PDFArray ? contents.asArray().map((ref) => page.doc.context.lookup(ref)) : [contents];
    return streams
      .map((stream) => Buffer.from(decodePDFRawStream(stream as PDFRawStream).decode()).toString('latin1'))
      .join('\n');
  };
  const numbers = (text: string, pattern: RegExp): number[][] =>
    [...text.matchAll(pattern)].map((found) => found.slice(1).map(Number));

  it('stand three across and seven down, all that is written inside its own frame', async () => {
    const drawn = await drawnOn(
      await labelsPdf(
        Array.from({ length: 21 }, (_, i) => label(i)),
        'a4',
        await readFonts(),
        'Bags',
      ),
    );
    const [wide, high] = [(PAPER.a4[0] - 16) / 3, (PAPER.a4[1] - 16) / 7];
    const texts = numbers(drawn, /1 0 0 1 ([\d.]+) ([\d.]+) Tm/g).map(([x, y]) => [x! / MM, PAPER.a4[1] - y! / MM]);
    // Number, name, title, and four lines with “and 5 more”.
    expect(texts).toHaveLength(21 * 8);
    texts.forEach(([x, y], n) => {
      const place = Math.floor(n / 8);
      const [left, top] = [8 + (place % 3) * wide, 8 + Math.floor(place / 3) * high];
      expect(x).toBeCloseTo(left + 3, 2);
      expect(y).toBeGreaterThan(top + 7);
      expect(y).toBeLessThan(top + high - 1);
    });
  });

  it('carry a code that is drawn square by square as it is made', async () => {
    const one = label(1);
    const drawn = await drawnOn(await labelsPdf([one], 'a4', await readFonts(), 'Bags'));
    const { modules } = QRCode.create(one.opens, { errorCorrectionLevel: 'M' });
    const square = (17 * MM) / modules.size;
    const left = 8 * MM + ((PAPER.a4[0] - 16) / 3 - 17 - 3) * MM;
    const low = (PAPER.a4[1] - 8 - 17 - 2.5) * MM;
    const dark = new Set<number>();
    for (const [x, y, w] of numbers(drawn, /([\d.]+) ([\d.]+) ([\d.]+) [\d.]+ re/g)) {
      const row = modules.size - 1 - Math.round((y! - low) / square);
      const from = Math.round((x! - left) / square);
      for (let i = 0; i < Math.round(w! / square); i++) dark.add(row * modules.size + from + i);
    }
    const made = [...modules.data].flatMap((bit, i) => (bit ? [i] : []));
    expect([...dark].sort((a, b) => a - b)).toEqual(made);
  });
});
