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

/** A stretch of a text in the one font that has its letters. */
interface Run {
  readonly text: string;
  readonly font: PDFFont;
}

/** A text in runs, each letter in the first font that has it; a letter that none has becomes a box or a question mark. */
function spell(text: string, faces: Faces): Run[] {
  const find = (code: number) => faces.find(({ has }) => has.has(code));
  const runs: { text: string; font: PDFFont }[] = [];
  for (const letter of text) {
    const own = find(letter.codePointAt(0)!);
    const box = own ? undefined : find(0x25a1);
    const { font } = own ?? box ?? faces[0]!;
    const shown = own ? letter : box ? '□' : '?';
    const last = runs.at(-1);
    if (last?.font === font) last.text += shown;
    else runs.push({ text: shown, font });
  }
  return runs;
}

/** How wide a text is, in points. */
export const widthOf = (text: string, faces: Faces, size: number): number =>
  spell(text, faces).reduce((sum, run) => sum + run.font.widthOfTextAtSize(run.text, size), 0);

/** The longest beginning of a text that fits with dots after it. */
function cutOff(text: string, faces: Faces, size: number, width: number): string {
  const letters = [...text];
  while (letters.length > 0 && widthOf(`${letters.join('')}…`, faces, size) > width) letters.pop();
  return `${letters.join('').trimEnd()}…`;
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
  const wide = widthOf(text, faces, most);
  const size = Math.max(6, Math.min(most, (most * width) / Math.max(wide, 1)));
  const whole = (wide * size) / most <= width + 0.01;
  let at = x;
  for (const run of spell(whole ? text : cutOff(text, faces, size, width), faces)) {
    page.drawText(run.text, { x: at, y, size, font: run.font, color: INK });
    at += run.font.widthOfTextAtSize(run.text, size);
  }
}

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
