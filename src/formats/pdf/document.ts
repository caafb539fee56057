import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';

/** Font files: for the letters of western languages, and for the rest of the latin ones. */
export interface FontFiles {
  readonly latin: Uint8Array;
  readonly bold: Uint8Array;
  readonly more: Uint8Array;
}

/** Points a millimetre. */
export const MM = 72 / 25.4;
/** Width and height, mm. */
export const PAPER = { a4: [210, 297], letter: [215.9, 279.4] } as const;
export const INK = rgb(0, 0, 0);
export const FAINT = rgb(0.75, 0.75, 0.75);

export type Faces = readonly { readonly font: PDFFont; readonly has: ReadonlySet<number> }[];

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
export function write(
  page: PDFPage,
  text: string,
  x: number,
  y: number,
  most: number,
  faces: Faces,
  width: number,
): void {
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

/** How wide a text is, in points. */
export const widthOf = (text: string, faces: Faces, size: number): number =>
  spell(text, faces).reduce((sum, { letter, font }) => sum + font.widthOfTextAtSize(letter, size), 0);

/** A new document with its faces, plain and bold. */
export async function newDocument(
  files: FontFiles,
  title: string,
): Promise<{ readonly pdf: PDFDocument; readonly plain: Faces; readonly bold: Faces }> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  pdf.setTitle(title);
  const embed = async (bytes: Uint8Array) => {
    const font = await pdf.embedFont(bytes, { subset: true });
    return { font, has: new Set(font.getCharacterSet()) };
  };
  const plain = [await embed(files.latin), await embed(files.more)];
  return { pdf, plain, bold: [await embed(files.bold), ...plain] };
}
