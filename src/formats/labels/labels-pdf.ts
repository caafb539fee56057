import {
  fill,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  setFillingColor,
  type PDFOperator,
  type PDFPage,
} from 'pdf-lib';
import QRCode from 'qrcode';
import { FAINT, INK, MM, newDocument, PAPER, write, type FontFiles } from '../pdf';

/** One label: a large number, a name and what it is, some lines under them, and what its code opens. */
export interface Label {
  readonly number: string;
  readonly name: string;
  readonly title: string;
  readonly lines: readonly string[];
  readonly opens: string;
}

const COLUMNS = 3;
const ROWS = 7;
const MARGIN = 8;
/** As many lines as a label has room for. */
const LINES = 5;

/** A QR code as filled bars, sharp at any size: one path, since a drawing a square takes seconds for a room. */
function drawCode(page: PDFPage, text: string, x: number, y: number, side: number): void {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const { size } = modules;
  const square = side / size;
  // A hair over, so that no line shows between bars.
  const over = square * 0.02;
  const bars: PDFOperator[] = [];
  for (let row = 0; row < size; row++) {
    for (let from = 0, to = 0; from < size; from = to + 1) {
      for (to = from; to < size && modules.get(row, to); to++);
      if (to > from)
        bars.push(
          rectangle(x + from * square, y + (size - 1 - row) * square, (to - from) * square + over, square + over),
        );
    }
  }
  page.pushOperators(pushGraphicsState(), setFillingColor(INK), ...bars, fill(), popGraphicsState());
}

/** Labels as a PDF, three across and seven down a page, black on white. */
export async function labelsPdf(
  labels: readonly Label[],
  paper: 'a4' | 'letter',
  files: FontFiles,
  title: string,
): Promise<Uint8Array> {
  const { pdf, plain, bold } = await newDocument(files, title);
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
