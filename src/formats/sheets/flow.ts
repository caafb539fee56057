import type { PDFDocument, PDFPage } from 'pdf-lib';
import { FAINT, INK, MM, PAPER, widthOf, write, type Faces } from '../pdf';

const MARGIN = 12;
/** Kept free at the foot, beside the margin: the number of the page. */
const FOOT = 6;

/** A place that goes down page after page, as far as the text has come. */
export interface Flow {
  /** The page it is on, points from its foot and its left edge, and how wide it may write. */
  readonly page: () => PDFPage;
  readonly y: () => number;
  readonly left: number;
  readonly inner: number;
  /** Goes down so many millimetres, on a new page where this one ends. */
  readonly down: (mm: number) => void;
  /** Goes to a new page now unless so many millimetres are still free here; true when it did. */
  readonly keep: (mm: number) => boolean;
  readonly line: (thickness: number) => void;
  /** Words over as many lines as they take, all on one page. */
  readonly paragraph: (text: string, faces: Faces, size: number) => void;
  /** How high a paragraph is, mm. */
  readonly heightOf: (text: string, faces: Faces, size: number) => number;
}

/** A text in lines no wider than so many points. */
function wrapped(text: string, faces: Faces, size: number, width: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const longer = lines.length > 0 ? `${lines.at(-1)} ${word}` : word;
    if (lines.length > 0 && widthOf(longer, faces, size) <= width) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
}

const leading = (size: number): number => size * 0.48;

/** A flow over the pages of a document, from a first page on. */
export function newFlow(pdf: PDFDocument, paper: keyof typeof PAPER): Flow {
  const [width, height] = PAPER[paper];
  const inner = (width - 2 * MARGIN) * MM;
  const left = MARGIN * MM;
  let page = pdf.addPage([width * MM, height * MM]);
  let y = (height - MARGIN) * MM;
  const turn = (): void => {
    page = pdf.addPage([width * MM, height * MM]);
    y = (height - MARGIN) * MM;
  };
  const ends = (mm: number): boolean => y - mm * MM < (MARGIN + FOOT) * MM;
  const keep = (mm: number): boolean => {
    if (!ends(mm)) return false;
    turn();
    return true;
  };
  const down = (mm: number): void => {
    keep(mm);
    y -= mm * MM;
  };
  const heightOf = (text: string, faces: Faces, size: number): number =>
    wrapped(text, faces, size, inner).length * leading(size);
  return {
    page: () => page,
    y: () => y,
    left,
    inner,
    down,
    keep,
    line: (thickness) =>
      page.drawLine({
        start: { x: left, y },
        end: { x: left + inner, y },
        thickness,
        color: thickness > 0.5 ? INK : FAINT,
      }),
    paragraph(text, faces, size) {
      keep(heightOf(text, faces, size));
      for (const words of wrapped(text, faces, size, inner)) {
        down(leading(size));
        write(page, words, left, y, size, faces, inner);
      }
    },
    heightOf,
  };
}

/** Numbers the pages at their feet. */
export function numberPages(pdf: PDFDocument, { left, inner }: Flow, faces: Faces): void {
  const pages = pdf.getPages();
  pages.forEach((one, i) =>
    write(one, `${i + 1} / ${pages.length}`, left + inner - 14 * MM, MARGIN * 0.6 * MM, 8, faces, 14 * MM),
  );
}
