import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import QRCode from 'qrcode';

/** One label: a large number, a name, some lines under it, and what its code opens. */
export interface Label {
  readonly number: string;
  readonly name: string;
  readonly lines: readonly string[];
  readonly opens: string;
}

/** Font files: for the letters of western languages, and for the rest of the latin ones. */
export interface LabelFonts {
  readonly latin: Uint8Array;
  readonly bold: Uint8Array;
  readonly more: Uint8Array;
}

const MM = 72 / 25.4;
const PAPER = { a4: [210, 297], letter: [215.9, 279.4] } as const;
const COLUMNS = 3;
const ROWS = 7;
const MARGIN = 8;
const INK = rgb(0, 0, 0);

/** Draws a text letter by letter in the first font that has it; a letter that none has becomes a box. Cut off at a width. */
function write(
  page: PDFPage,
  text: string,
  x: number,
  y: number,
  size: number,
  fonts: readonly { readonly font: PDFFont; readonly has: ReadonlySet<number> }[],
  width: number,
): void {
  let at = x;
  for (const letter of text) {
    const found = fonts.find(({ has }) => has.has(letter.codePointAt(0)!)) ?? null;
    const shown = found ? letter : '□';
    const font = (found ?? fonts.find(({ has }) => has.has(0x25a1)) ?? fonts[0]!).font;
    const drawn = found || fonts.some(({ has }) => has.has(0x25a1)) ? shown : '?';
    const advance = font.widthOfTextAtSize(drawn, size);
    if (at + advance > x + width) return;
    page.drawText(drawn, { x: at, y, size, font, color: INK });
    at += advance;
  }
}

/** A QR code as filled squares, sharp at any size. */
function drawCode(page: PDFPage, text: string, x: number, y: number, side: number): void {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const square = side / modules.size;
  for (let row = 0; row < modules.size; row++) {
    for (let column = 0; column < modules.size; column++) {
      if (!modules.get(row, column)) continue;
      page.drawRectangle({
        x: x + column * square,
        y: y + (modules.size - 1 - row) * square,
        // A hair over, so that no line shows between squares.
        width: square * 1.02,
        height: square * 1.02,
        color: INK,
      });
    }
  }
}

/** Labels as a PDF, three across and seven down a page, black on white. */
export async function labelsPdf(
  labels: readonly Label[],
  paper: 'a4' | 'letter',
  files: LabelFonts,
  title: string,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  pdf.setTitle(title);
  const embed = async (bytes: Uint8Array) => {
    const font = await pdf.embedFont(bytes, { subset: true });
    return { font, has: new Set(font.getCharacterSet()) };
  };
  const plain = [await embed(files.latin), await embed(files.more)];
  const bold = [await embed(files.bold), ...plain];
  const [width, height] = PAPER[paper];
  const [w, h] = [(width - 2 * MARGIN) / COLUMNS, (height - 2 * MARGIN) / ROWS];
  let page: PDFPage | null = null;
  labels.forEach((label, i) => {
    const place = i % (COLUMNS * ROWS);
    if (place === 0) page = pdf.addPage([width * MM, height * MM]);
    const left = (MARGIN + (place % COLUMNS) * w) * MM;
    const top = (height - MARGIN - Math.floor(place / COLUMNS) * h) * MM;
    const code = 19 * MM;
    const text = (w - 6) * MM - code;
    write(page!, label.number, left + 3 * MM, top - 10 * MM, 22, bold, text);
    write(page!, label.name, left + 3 * MM, top - 15.5 * MM, 11, bold, text);
    label.lines.slice(0, 4).forEach((line, n) => {
      write(page!, line, left + 3 * MM, top - (20 + n * 4) * MM, 8, plain, n === 0 || n < 2 ? text : (w - 5) * MM);
    });
    drawCode(page!, label.opens, left + w * MM - code - 3 * MM, top - code - 3 * MM, code);
  });
  if (labels.length === 0) pdf.addPage([width * MM, height * MM]);
  return pdf.save();
}
