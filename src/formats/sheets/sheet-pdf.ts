import type { PDFPage } from 'pdf-lib';
import { FAINT, INK, MM, newDocument, PAPER, widthOf, write, type Faces, type FontFiles } from '../pdf';

/** A column of a sheet: its heading, its share of the width, and whether it is read from a metre away. */
export interface SheetColumn {
  readonly name: string;
  readonly share: number;
  readonly large?: boolean;
}

/** Rows under a heading. */
export interface SheetSection {
  readonly heading: string;
  readonly columns: readonly SheetColumn[];
  readonly rows: readonly (readonly string[])[];
  /** Said under the rows. */
  readonly after?: string;
}

/** A sheet for the table: what it is, where and when, its sections, and what has to be read at the end. */
export interface Sheet {
  readonly title: string;
  readonly line: string;
  /** Said in a frame before anything else. */
  readonly warning?: string | null;
  readonly sections: readonly SheetSection[];
  readonly closing: readonly string[];
}

const MARGIN = 12;
const ROW = 8.5;
/** Lengths are read from a metre away: no smaller than this, in points. */
const LARGE = 15;

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

/** A sheet as a PDF, black on white, with as many pages as it takes; a row is never broken across two. */
export async function sheetPdf(sheet: Sheet, paper: 'a4' | 'letter', files: FontFiles): Promise<Uint8Array> {
  const { pdf, plain, bold } = await newDocument(files, sheet.title);
  const [width, height] = PAPER[paper];
  const inner = (width - 2 * MARGIN) * MM;
  const left = MARGIN * MM;
  let page: PDFPage = pdf.addPage([width * MM, height * MM]);
  let y = (height - MARGIN) * MM;
  const turn = (): void => {
    page = pdf.addPage([width * MM, height * MM]);
    y = (height - MARGIN) * MM;
  };
  /** Goes down so many millimetres, on a new page where this one ends. */
  const down = (mm: number): void => {
    if (y - mm * MM < (MARGIN + 6) * MM) turn();
    y -= mm * MM;
  };
  const line = (thickness: number): void =>
    page.drawLine({
      start: { x: left, y },
      end: { x: left + inner, y },
      thickness,
      color: thickness > 0.5 ? INK : FAINT,
    });
  const paragraph = (text: string, faces: Faces, size: number): void => {
    for (const words of wrapped(text, faces, size, inner)) {
      down(size * 0.48);
      write(page, words, left, y, size, faces, inner);
    }
  };

  down(8);
  write(page, sheet.title, left, y, 18, bold, inner);
  down(6);
  write(page, sheet.line, left, y, 10, plain, inner);
  down(2.5);
  line(1.2);
  if (sheet.warning) paragraph(sheet.warning, bold, 12);

  for (const { heading, columns, rows, after } of sheet.sections) {
    const total = columns.reduce((sum, column) => sum + column.share, 0);
    const places = columns.map((column, i) => ({
      ...column,
      x: left + (inner * columns.slice(0, i).reduce((sum, before) => sum + before.share, 0)) / total,
      w: (inner * column.share) / total - 2 * MM,
    }));
    const head = (words: string): void => {
      write(page, words, left, y, 12, bold, inner);
      down(5);
      for (const { name, x, w } of places) write(page, name, x, y, 8, bold, w);
      down(1.5);
      line(0.8);
    };
    // A heading stands over a row at least.
    if (y - (9 + 6.5 + ROW) * MM < (MARGIN + 6) * MM) turn();
    down(9);
    head(heading);
    for (const row of rows) {
      if (y - ROW * MM < (MARGIN + 6) * MM) {
        turn();
        down(6);
        head(`${heading}, continued`);
      }
      down(ROW);
      places.forEach(({ x, w, large }, i) =>
        write(page, row[i] ?? '', x, y + 2 * MM, large ? LARGE : 10.5, large ? bold : plain, w),
      );
      line(0.3);
    }
    if (after) {
      down(4.5);
      write(page, after, left, y, 9, plain, inner);
    }
  }
  if (sheet.closing.length > 0) {
    down(6);
    for (const text of sheet.closing) {
      down(1);
      paragraph(text, plain, 9);
    }
  }
  const pages = pdf.getPages();
  pages.forEach((one, i) =>
    write(one, `${i + 1} / ${pages.length}`, left + inner - 14 * MM, MARGIN * 0.6 * MM, 8, plain, 14 * MM),
  );
  return pdf.save();
}
