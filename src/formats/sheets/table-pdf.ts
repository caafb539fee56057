import { INK, MM, widthOf, write, type Faces } from '../pdf';
import type { Flow } from './flow';
import { bodiesOf, cellOf, type SheetCell, type SheetRow, type SheetTable } from './sheet';

const ROW = 8.5;
/** A further line of a row, millimetres. */
const LINE = 5;
const GROUP = 7;
/** Lengths are read from a metre away: no smaller than this, in points. */
const LARGE = 15;
/** Rows that are kept on a page together: a group that is no longer than this. As on the page. */
const TOGETHER = 6;

/** What stands under the words of a cell, a line each. */
const underOf = ({ also, under, ticks = [] }: SheetCell): string[] => [
  ...[also, under].filter((words): words is string => Boolean(words)),
  ...ticks.slice(1),
];

/** The words of a cell; of one that is ticked off, its first thing. */
const wordsOf = ({ text, note, ticks = [] }: SheetCell): string =>
  text ? `${text}${note ? ` (${note})` : ''}` : (ticks[0] ?? '');

const heightOf = (row: SheetRow): number =>
  ROW + Math.max(0, ...row.map((cell) => underOf(cellOf(cell)).length)) * LINE;

/**
 * The rows that stay on a page with a row: all of a short group; of a long one the second with the first, and the last with the one
 * before it, so that none stands alone.
 */
function together(rows: readonly SheetRow[], at: number): readonly SheetRow[] {
  if (rows.length <= TOGETHER) return at === 0 ? rows : [rows[at]!];
  return at === 0 || at === rows.length - 2 ? rows.slice(at, at + 2) : [rows[at]!];
}

/** Where words are put: from where, how wide, and whether they are numbers. */
interface Place {
  readonly x: number;
  readonly w: number;
  readonly num?: boolean;
}

const sum = (numbers: readonly number[]): number => numbers.reduce((a, b) => a + b, 0);

/** A table down the pages: its columns as wide as their shares, its headings again on each page. */
export function tablePdf(table: SheetTable, flow: Flow, { plain, bold }: { plain: Faces; bold: Faces }): void {
  const { heading, caption, columns, after, ticked } = table;
  const { left, inner, down, keep, line } = flow;
  const total = sum(columns.map(({ share }) => share));
  const box = ticked ? 8 * MM : 0;
  const wide = inner - box;
  const places = columns.map((column, i) => ({
    ...column,
    x: left + box + (wide * sum(columns.slice(0, i).map(({ share }) => share))) / total,
    w: (wide * column.share) / total - 3 * MM,
  }));
  const title = [heading, caption].filter(Boolean).join(', ');
  /** Words in a place; numbers end where it ends. */
  const put = (words: string, { x, w, num }: Place, y: number, size: number, faces: Faces): void =>
    write(flow.page(), words, num ? x + Math.max(0, w - widthOf(words, faces, size)) : x, y, size, faces, w);
  const across: Place = { x: left, w: inner };
  const head = (words: string): void => {
    if (words) put(words, across, flow.y(), 12, bold);
    if (words) down(5);
    for (const place of places) put(place.name, place, flow.y(), 8, bold);
    down(1.5);
    line(0.8);
  };
  const groupHead = (words: string): void => {
    down(GROUP);
    put(words, across, flow.y() + 2 * MM, 11, bold);
    line(0.3);
  };
  const draw = (row: SheetRow): void => {
    const top = flow.y() - (ROW - 2) * MM;
    down(heightOf(row));
    if (ticked)
      flow.page().drawRectangle({
        x: left + MM,
        y: top - 0.8 * MM,
        width: 4.5 * MM,
        height: 4.5 * MM,
        borderColor: INK,
        borderWidth: 0.8,
      });
    places.forEach((place, i) => {
      const { length, large = length } = place;
      const cell = cellOf(row[i] ?? '');
      put(wordsOf(cell), place, top, large ? LARGE : 10.5, large ? bold : plain);
      underOf(cell).forEach((under, n) => put(under, place, top - (n + 1) * LINE * MM, 9, plain));
    });
    line(0.3);
  };

  const bodies = bodiesOf(table);
  const first = bodies[0]!;
  // A heading stands over rows, or it stands on the next page.
  keep(9 + 6.5 + (first.words ? GROUP : 0) + sum(together(first.rows, 0).map(heightOf)));
  down(9);
  head(title);
  bodies.forEach(({ words, rows }, n) => {
    rows.forEach((row, at) => {
      const last = n === bodies.length - 1 && at === rows.length - 1;
      const need = (at === 0 && words ? GROUP : 0) + sum(together(rows, at).map(heightOf)) + (last && after ? 4.5 : 0);
      if (keep(need)) {
        down(6);
        head(title && `${title}, continued`);
        if (words && at > 0) groupHead(`${words}, continued`);
      }
      if (words && at === 0) groupHead(words);
      draw(row);
    });
  });
  if (after) {
    down(4.5);
    put(after, { ...across, num: true }, flow.y(), 9, plain);
  }
}
