import { MM, newDocument, widthOf, write, type FontFiles } from '../pdf';
import { newFlow, numberPages } from './flow';
import type { Sheet, SheetList } from './sheet';
import { tablePdf } from './table-pdf';

/** A sheet as a PDF, black on white, with as many pages as it takes; no row is broken across two, and none stands alone on one. */
export async function sheetPdf(sheet: Sheet, paper: 'a4' | 'letter', files: FontFiles): Promise<Uint8Array> {
  const { pdf, plain, bold } = await newDocument(files, sheet.title);
  const flow = newFlow(pdf, paper);
  const { left, inner, down, keep, line, paragraph, heightOf } = flow;

  const [first = '', second = ''] = sheet.corner ?? [];
  const beside = inner * 0.24;
  const corner = (words: string): void => {
    if (words)
      write(
        flow.page(),
        words,
        left + inner - Math.min(beside, widthOf(words, plain, 10)),
        flow.y(),
        10,
        plain,
        beside,
      );
  };
  const titled = sheet.corner ? inner - beside - 4 * MM : inner;
  down(8);
  write(flow.page(), sheet.title, left, flow.y(), 18, bold, titled);
  corner(first);
  down(6);
  write(flow.page(), sheet.line, left, flow.y(), 10, plain, titled);
  corner(second);
  down(2.5);
  line(1.2);
  if (sheet.warning) paragraph(sheet.warning, bold, 12);
  if (!sheet.sections.some((section) => 'rows' in section) && sheet.empty) paragraph(sheet.empty, plain, 11);

  const list = ({ heading, lines, ticked }: SheetList): void => {
    const marked = lines.map((words) => (ticked ? `□ ${words}` : words));
    // Its heading stays with its first lines.
    keep(9 + marked.slice(0, 2).reduce((mm, words) => mm + 1 + heightOf(words, plain, 10.5), 0));
    down(9);
    write(flow.page(), heading, left, flow.y(), 12, bold, inner);
    for (const words of marked) {
      down(1);
      paragraph(words, plain, 10.5);
    }
  };
  for (const section of sheet.sections) {
    if ('rows' in section) tablePdf(section, flow, { plain, bold });
    else list(section);
  }
  if (sheet.closing.length > 0) {
    keep(6 + sheet.closing.slice(0, 2).reduce((mm, text) => mm + 1 + heightOf(text, plain, 9), 0));
    down(6);
    for (const text of sheet.closing) {
      down(1);
      paragraph(text, plain, 9);
    }
  }
  numberPages(pdf, flow, plain);
  return pdf.save();
}
