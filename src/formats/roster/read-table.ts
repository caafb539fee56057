import { cellsOf, inOrder, NAMES, readCell, roleByValues, type Cell } from './columns';
import { hasData, headingOf } from './headings';
import { isBlank, isSentence, isSignOff, isTotal, leadingMarks } from './words/line-words';
import { MOST, skipped, tooLong, type Line } from './lines';
import { nothingFound } from './findings';
import { Stretch } from './read-stretch';
import type { Role, RosterLine } from './roster-line';
import { readAround, type Said } from './said';
import { seatsOf, type Above } from './seat-of';
import { isEmptyPlace } from './words/nobody';
import type { Phrases } from './words/vocabulary';
import { roleOf } from './words/column-roles';

const MOST_CELLS = 40;

export interface Table {
  readonly roles: readonly Role[];
  readonly headings: readonly string[];
  /** How many lines the headings take. */
  readonly head: number;
  readonly separator: string;
}

/** The roles that a row of headings gives its columns, or null where it is none. */
function rolesOf(cells: readonly Cell[]): (Role | null)[] | null {
  const roles = cells.map(({ text }) => roleOf(text));
  const count = roles.filter(Boolean).length;
  const named = roles.some((role) => role === 'name' || role === 'first' || role === 'last');
  return (count >= 2 && (named || count >= 3)) || (count === 1 && cells.length === 1 && named) ? roles : null;
}

/** A table with headings, where the first lines that are not empty hold some. */
export function tableOf(lines: readonly Line[], words: Phrases): { table: Table; from: number } | null {
  for (const separator of ['\t', '|', ';', ',']) {
    const first = lines.findIndex(({ text }) => text.trim() !== '');
    for (let at = first; at >= 0 && at < Math.min(lines.length, first + 4); at++) {
      const text = lines[at]!.text.slice(0, MOST);
      if (!text.includes(separator)) continue;
      const cells = cellsOf(text, separator).slice(0, MOST_CELLS);
      const roles = rolesOf(cells);
      if (!roles) continue;
      let headings = cells.map((cell) => cell.text);
      let head = 1;
      // A second row of headings: units, or what the first left open.
      const next = lines[at + 1]?.text.slice(0, MOST) ?? '';
      const below = next.includes(separator) ? cellsOf(next, separator) : [];
      const isSecond =
        below.length > 0 &&
        below.some((cell) => cell.text !== '') &&
        below.every(
          (cell) =>
            cell.text === '' ||
            /^[([]?(?:mm|cm|in|inches|years?|yrs|optional|required)[)\]]?$/i.test(cell.text) ||
            (roleOf(cell.text) !== null && !/\d/.test(cell.text)),
        );
      if (isSecond) {
        headings = headings.map((heading, i) => `${heading} ${below[i]?.text ?? ''}`.trim());
        head = 2;
      }
      const rows = lines
        .slice(at + head)
        .filter(({ text: row }) => row.includes(separator))
        .map((row) => cellsOf(row.text.slice(0, MOST), separator));
      const settled = headings.map((heading, i) => {
        const own = roleOf(heading) ?? roles[i];
        return (
          own ??
          (rows.every((row) => (row[i]?.text ?? '') === '')
            ? 'note'
            : roleByValues(
                rows.map((row) => row[i]?.text ?? ''),
                words,
                heading,
              ))
        );
      });
      return { table: { roles: settled, headings, head, separator }, from: at };
    }
  }
  return null;
}

/** Rows of a table, each cell as what its column holds; a row of one cell alone heads those below it. */
export function readTable(
  lines: readonly Line[],
  { table, from }: { table: Table; from: number },
  words: Phrases,
  said: Said,
): RosterLine[] {
  let above: Above = { project: null, skill: null };
  const { headings, separator } = table;
  const roles = table.roles.map((role, c) => said.columns[c] ?? role);
  return lines.flatMap((line, i): RosterLine[] => {
    const text = line.text.slice(0, MOST);
    if (text.trim() === '') return [skipped(line, 'blank')];
    if (i < from + table.head) {
      if (i !== from) return [skipped(line, i < from ? 'text' : 'heading')];
      const columns = cellsOf(text, separator)
        .slice(0, MOST_CELLS)
        .map((cell, c) => ({ heading: cell.text, from: cell.from, to: cell.to, as: roles[c]! }));
      return [{ ...skipped(line, 'heading'), columns }];
    }
    if (isBlank(text.replaceAll(separator, ' ')) && !/\d/.test(text)) return [skipped(line, 'blank')];
    const cells = cellsOf(text, separator).slice(0, MOST_CELLS);
    const filled = cells.filter((cell) => cell.text !== '');
    if (filled.length === 0) return [skipped(line, 'blank')];
    if (filled.length === 1) {
      const own = nothingFound();
      new Stretch(text, filled[0]!.from, filled[0]!.to, { leads: true, phrases: words }, own).read();
      if (isTotal(filled[0]!.text)) return [skipped(line, 'total')];
      const heading = headingOf(filled[0]!.text, own, words);
      if (heading) {
        above = heading;
        return [skipped(line, 'heading')];
      }
      if (isSentence(filled[0]!.text) || isSignOff(filled[0]!.text)) return [skipped(line, 'text')];
    }
    if (isTotal(filled[0]!.text)) return [skipped(line, 'total')];
    const found = nothingFound();
    tooLong(found, line);
    const ofLine = said.spans.filter((span) => span.line === line.number);
    // A cell of which something was said is that, whatever its column holds.
    const own = cells.map((cell, c) => {
      const spans = ofLine.filter((span) => span.to > cell.from && span.from < cell.to);
      if (spans.length === 0) return roles[c] ?? 'free';
      readAround(text, cell, spans, { leads: false, phrases: words }, found);
      return null;
    });
    cells.forEach((cell, c) => own[c] && readCell(own[c], text, cell, headings[c] ?? '', words, found));
    const name = [found.named?.text, nameFrom(cells, own)].filter(Boolean).join(' ');
    // What the columns of names hold is the name, not words to be understood.
    found.runs = found.runs.filter(
      (run) => !cells.some((cell, c) => run.from === cell.from && own[c] && NAMES.has(own[c])),
    );
    if ((name === '' || isEmptyPlace(name)) && !hasData(found)) return [skipped(line, 'blank')];
    return seatsOf(found, line.number, line.text, above, name);
  });
}

function nameFrom(cells: readonly Cell[], roles: readonly (Role | null)[]): string {
  const of = (role: Role): string[] => cells.filter((_, c) => roles[c] === role).map(({ text }) => text);
  const parts = [...of('first'), ...of('name'), ...of('last')].map((text) =>
    inOrder(
      text
        .slice(leadingMarks(text, 0, text.length))
        .replace(/\(\s*\d{1,2}\s*\)?\s*$/, '')
        .trim(),
    ),
  );
  return parts.filter(Boolean).join(' ').slice(0, 120);
}
