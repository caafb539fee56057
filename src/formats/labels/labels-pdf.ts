import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import QRCode from 'qrcode';

/** One label: a large number, a name and what it is, some lines under them, and what its code opens. */
export interface Label {
  readonly number: string;
  readonly name: string;
  readonly title: string;
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
const FAINT = rgb(0.75, 0.75, 0.75);
/** As many lines as a label has room for. */
const LINES = 5;

type Faces = readonly { readonly font: PDFFont; readonly has: ReadonlySet<number> }[];

/** A text letter by letter, each in the first font that has it; a letter that none has becomes a box or a question mark. */
function spell(text: string, faces: Faces): { readonly letter: string; readonly font: PDFFont }[] {
  const find = (code: number) => faces.find(({ has }) => has.has(code));
  const box = find(0x25a1);
  return [...text].map((letter) => {
    const own = find(letter.codePointAt(0)!);
    return own ? { letter, font: own.font } : { letter: box ? '□' : '?', font: (box ?? faces[0]!).font };
  });
}

/** Writes a text within a width: smaller where it is too long, down to six points, and cut off with dots past that. */
function write(page: PDFPage, text: string, x: number, y: number, most: number, faces: Faces, width: number): void {
  const letters = spell(text, faces);
  const wide = letters.reduce((sum, { letter, font }) => sum + font.widthOfTextAtSize(letter, most), 0);
  const size = Math.max(6, Math.min(most, (most * width) / Math.max(wide, 1)));
  const end = spell('…', faces)[0]!;
  let at = x;
  for (const { letter, font } of letters) {
    const advance = font.widthOfTextAtSize(letter, size);
    const past = at + advance > x + width + 0.01;
    if (past) at -= end.font.widthOfTextAtSize('…', size) * 0.5;
    page.drawText(past ? end.letter : letter, { x: at, y, size, font: past ? end.font : font, color: INK });
    if (past) return;
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
    const code = 17 * MM;
    const inner = (w - 6) * MM;
    const beside = inner - code - 1 * MM;
    page!.drawRectangle({
      x: left,
      y: top - h * MM,
      width: w * MM,
      height: h * MM,
      borderColor: FAINT,
      borderWidth: 0.4,
    });
    write(page!, label.number, left + 3 * MM, top - 9.5 * MM, 22, bold, beside);
    write(page!, label.name, left + 3 * MM, top - 15 * MM, 11, bold, beside);
    write(page!, label.title, left + 3 * MM, top - 19 * MM, 8, plain, beside);
    const lines =
      label.lines.length > LINES
        ? [...label.lines.slice(0, LINES - 1), `and ${label.lines.length - LINES + 1} more`]
        : label.lines;
    lines.forEach((line, n) => write(page!, line, left + 3 * MM, top - (23.6 + n * 3.7) * MM, 8, plain, inner));
    drawCode(page!, label.opens, left + w * MM - code - 3 * MM, top - code - 2.5 * MM, code);
  });
  if (labels.length === 0) pdf.addPage([width * MM, height * MM]);
  return pdf.save();
}
