import type { PDFPage } from 'pdf-lib';
import { cellOf, type Sheet, type SheetCell, type SheetTable } from './sheet';
import { FAINT, INK, MM, newDocument, PAPER, widthOf, write, type Faces, type FontFiles } from '../pdf';

const MARGIN = 12;
const ROW = 8.5;
/** A further line of a row, millimetres. */
const LINE = 5;
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

/** What stands under the words of a cell, a line each. */
const underOf = ({ also, under, ticks = [] }: SheetCell): string[] => [
  ...[also, under].filter((words): words is string => Boolean(words)),
  ...ticks.slice(1),
];

/** The words of a cell; of one that is ticked off, its first thing. */
const wordsOf = ({ text, note, ticks = [] }: SheetCell): string =>
  text ? `${text}${note ? ` (${note})` : ''}` : (ticks[0] ?? '');

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

  const [first = '', second = ''] = sheet.corner ?? [];
  const beside = inner * 0.24;
  const corner = (words: string): void => {
    if (words) write(page, words, left + inner - Math.min(beside, widthOf(words, plain, 10)), y, 10, plain, beside);
  };
  const titled = sheet.corner ? inner - beside - 4 * MM : inner;
  down(8);
  write(page, sheet.title, left, y, 18, bold, titled);
  corner(first);
  down(6);
  write(page, sheet.line, left, y, 10, plain, titled);
  corner(second);
  down(2.5);
  line(1.2);
  if (sheet.warning) paragraph(sheet.warning, bold, 12);
  if (sheet.sections.length === 0 && sheet.empty) paragraph(sheet.empty, plain, 11);

  const table = ({ heading, caption, columns, rows, after }: SheetTable): void => {
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
    const title = [heading, caption].filter(Boolean).join(', ');
    // A heading stands over a row at least.
    if (y - (9 + 6.5 + ROW) * MM < (MARGIN + 6) * MM) turn();
    down(9);
    head(title);
    for (const row of rows) {
      const cells = row.map(cellOf);
      const more = Math.max(0, ...cells.map((cell) => underOf(cell).length)) * LINE;
      if (y - (ROW + more) * MM < (MARGIN + 6) * MM) {
        turn();
        down(6);
        head(`${title}, continued`);
      }
      const top = y - (ROW - 2) * MM;
      down(ROW + more);
      places.forEach(({ x, w, length, large = length }, i) => {
        const cell = cells[i] ?? { text: '' };
        write(page, wordsOf(cell), x, top, large ? LARGE : 10.5, large ? bold : plain, w);
        underOf(cell).forEach((under, n) => write(page, under, x, top - (n + 1) * LINE * MM, 9, plain, w));
      });
      line(0.3);
    }
    if (after) {
      down(4.5);
      write(page, after, left, y, 9, plain, inner);
    }
  };

  for (const section of sheet.sections) {
    if ('rows' in section) {
      table(section);
      continue;
    }
    down(9);
    write(page, section.heading, left, y, 12, bold, inner);
    for (const words of section.lines) {
      down(1);
      paragraph(words, plain, 10.5);
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
