import Papa from 'papaparse';
import { readCells, readNamed } from './read-cells';
import type { RosterFault, RosterLine, RosterProject } from './roster-line';

/** Headings people give their columns, by what the column holds. */
const HEADINGS: Readonly<Record<string, RegExp>> = {
  name: /^(?:(?:full )?name|participant|who|child|first name)$/i,
  wrist: /^wrists?(?: size)?(?:\s*[([].*)?$/i,
  hand: /^hand(?: size)?(?:\s*[([].*)?$/i,
  age: /^ages?$/i,
  skill: /^(?:skill|level|experience)$/i,
  project: /^(?:project|piece|making|choice|wants)$/i,
  note: /^(?:notes?|comments?|allerg(?:y|ies)|remarks?)$/i,
};

/** What each column holds, when the row is a row of headings: a name column and at least one other known one. */
function headingsOf(row: readonly string[]): (string | null)[] | null {
  const kinds = row.map((cell) => Object.keys(HEADINGS).find((kind) => HEADINGS[kind]!.test(cell.trim())) ?? null);
  return kinds.includes('name') && (row.length === 1 || kinds.filter(Boolean).length > 1) ? kinds : null;
}

/** A unit in a heading, such as `Wrist (cm)`, for the bare numbers below it. */
const unitIn = (heading: string): string => /[([]\s*(mm|cm|in|inch|inches)\s*[)\]]/i.exec(heading)?.[1] ?? '';

/** `16,5 cm` in a comma-separated line was split in two: put it together again. */
function rejoinDecimals(cells: readonly string[]): string[] {
  const out: string[] = [];
  for (const cell of cells) {
    const before = out.at(-1);
    if (before !== undefined && /^\s*\d{1,2}$/.test(before) && /^\d\s*(?:cm|in|inch|inches|["″”])/i.test(cell))
      out[out.length - 1] = `${before},${cell}`;
    else out.push(cell);
  }
  return out;
}

/** The separator of a table; a single comma in most lines is enough, since names come before it. */
function separatorOf(text: string): string {
  const lines = text.split(/\r?\n/).filter((line) => line.trim());
  return ['\t', ';', '|'].find((s) => lines.filter((line) => line.includes(s)).length > lines.length / 2) ?? ',';
}

/** A line of its own mind: semicolons in a list that is separated by commas elsewhere, whose commas are then decimals. */
function ownCells(cells: string[]): string[] {
  const whole = cells.join(',');
  return whole.includes(';') ? whole.split(';') : cells;
}

const listMark = /^\s*(?:[-•*·]|\d{1,3}[.)])\s+/;

/** The same name on two lines: one person twice, or two people. */
function markTwins(lines: readonly RosterLine[]): RosterLine[] {
  const seen = new Set<string>();
  return lines.map((line) => {
    const key = line.seat.name.toLowerCase();
    if (key === '' || !seen.has(key)) {
      seen.add(key);
      return line;
    }
    const fault: RosterFault = {
      field: 'name',
      text: line.seat.name,
      problem: `${line.seat.name} is on the list twice; remove one, or tell the two apart`,
    };
    return { ...line, faults: [...line.faults, fault] };
  });
}

/**
 * Reads a pasted list or a CSV file of who is coming: names, wrists, hands, ages, skills, projects, in any order, units and
 * separators, with or without headings. Blank lines and headings such as `Tuesday group:` are passed over.
 */
export function readRoster(text: string, projects: readonly RosterProject[]): RosterLine[] {
  const clean = text.replace(/^\uFEFF/, '');
  const { data } = Papa.parse<string[]>(clean, { delimiter: separatorOf(clean), skipEmptyLines: false });
  const rows = data
    .map((cells, i) => ({ cells, line: i + 1 }))
    .filter(({ cells }) => cells.some((cell) => cell.trim()));
  const headings = rows[0] ? headingsOf(rows[0].cells) : null;
  const lines = (headings ? rows.slice(1) : rows)
    .filter(({ cells }) => !(cells.length === 1 && /^[^\d]*:\s*$/.test(cells[0]!)))
    .map(({ cells, line }) => {
      const whole = cells.join(', ').trim();
      if (!headings)
        return readCells(
          rejoinDecimals(ownCells(cells)).map((cell, i) => (i === 0 ? cell.replace(listMark, '') : cell)),
          line,
          whole,
          projects,
        );
      const named: Record<string, string> = {};
      headings.forEach((kind, i) => {
        const cell = cells[i]?.trim();
        if (!kind || !cell) return;
        const unit =
          /^[\d.,\s/¼½¾⅛⅜⅝⅞]+$/.test(cell) && (kind === 'wrist' || kind === 'hand')
            ? ` ${unitIn(rows[0]!.cells[i]!)}`
            : '';
        named[kind] = named[kind] ? `${named[kind]}; ${cell}` : cell + unit.trimEnd();
      });
      return readNamed(named, line, whole, projects);
    });
  return markTwins(lines);
}
