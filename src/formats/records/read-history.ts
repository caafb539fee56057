import Papa from 'papaparse';
import { bareUnit, parseLength, type Units } from '../../core/measure';
import { FINISHES, FITS, type SaidOfPiece } from '../../core/record';
import { ROLES, SKILLS } from '../../core/studio';
import type { HistoryCord, HistoryPiece } from './history-line';

/** What the lines of a history can be of. */
export interface HistoryNames {
  readonly projects: readonly { readonly slug: string; readonly name: string }[];
  readonly cords: readonly { readonly slug: string; readonly name: string }[];
}

/** A line that cannot be taken, and why, with its column. */
export interface HistoryFault {
  readonly line: number;
  readonly column: string;
  readonly problem: string;
}

export interface ReadHistory {
  readonly pieces: readonly HistoryPiece[];
  readonly faults: readonly HistoryFault[];
  readonly lines: number;
  /** Why nothing could be read at all. */
  readonly fault: string | null;
}

/** Headings as people write them; a unit after a heading is that of its bare numbers. */
const HEADINGS: Readonly<Record<string, readonly string[]>> = {
  piece: ['piece', 'number', 'no', 'seat'],
  date: ['date', 'day', 'on', 'held on'],
  session: ['session', 'class', 'group', 'course'],
  maker: ['maker', 'who', 'name', 'participant', 'person'],
  project: ['project', 'kind', 'pattern', 'what'],
  skill: ['skill', 'level', 'experience'],
  cord: ['cord', 'material', 'string'],
  role: ['role', 'strand'],
  planned: ['planned band', 'planned', 'planned length', 'knotted'],
  cut: ['cut', 'cut length', 'cut to'],
  left: ['left', 'leftover', 'left over', 'remaining'],
  knots: ['half knots', 'knots', 'count'],
  band: ['band', 'finished length', 'length', 'band length'],
  thick: ['thick', 'thickness'],
  fits: ['fits', 'fit'],
  minutes: ['minutes', 'time', 'min'],
  finished: ['finished', 'finish', 'ending'],
};
const NEEDED = ['date', 'project', 'cord', 'left'];

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

const UNIT = / (mm|cm|in)$/;

/** The one of some names that a text means: its slug, or its name. */
const meant = (all: HistoryNames['cords'], text: string): string | null => {
  const wanted = plain(text);
  return all.find(({ slug, name }) => plain(slug) === wanted || plain(name) === wanted)?.slug ?? null;
};

/** A day as 2026-05-04, 4.5.2026 or 4/5/2026, the day first; null where it is none. */
function dayOf(text: string): string | null {
  const iso = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text);
  const own = /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(text);
  const [y, m, d] = iso ? iso.slice(1) : own ? [own[3], own[2], own[1]] : [];
  if (y === undefined) return null;
  const day = `${y}-${m!.padStart(2, '0')}-${d!.padStart(2, '0')}`;
  return Number.isNaN(Date.parse(day)) || new Date(day).toISOString().slice(0, 10) !== day ? null : day;
}

/** The longest cord or band of a piece, mm: what a record can hold. */
const MAX_MM = 100_000;

const begins = <T extends string>(words: readonly T[], text: string): T | null =>
  text === '' ? null : (words.find((word) => word.startsWith(plain(text))) ?? null);

/**
 * Reads a history of records as CSV: any of the usual separators, columns in any order under headings people use, a line a cord; lines of one
 * `piece` are one piece, each line its own where that column is not there. Nothing is guessed: what cannot be read is said for
 * its line and column, and its piece is left out whole.
 *
 * @param units of bare numbers under a heading without a unit
 */
export function readHistory(text: string, names: HistoryNames, units: Units): ReadHistory {
  const nothing = (fault: string): ReadHistory => ({ pieces: [], faults: [], lines: 0, fault });
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const broken = parsed.errors.find((error) => error.type === 'Quotes');
  if (broken) return nothing(`A quotation mark is not closed from line ${(broken.row ?? 0) + 1} on.`);
  const [head = [], ...rows] = parsed.data;
  const headings = head.map(plain);
  const at = Object.fromEntries(
    Object.entries(HEADINGS).map(([column, known]) => [
      column,
      headings.findIndex((heading) => known.includes(heading.replace(UNIT, ''))),
    ]),
  );
  const absent = NEEDED.filter((column) => at[column]! < 0);
  if (absent.length > 0)
    return nothing(
      `The first line must name the columns; ${absent.map((one) => `“${one}”`).join(', ')} missing. It has: ${head.join(', ') || 'nothing'}.`,
    );
  const faults: HistoryFault[] = [];
  const pieces = new Map<string, HistoryPiece>();
  const spoiled = new Set<string>();
  rows.forEach((row, i) => {
    const line = i + 2;
    const cell = (column: string): string => (at[column]! >= 0 ? (row[at[column]!] ?? '').trim() : '');
    const key = cell('piece') ? `${cell('date')} ${cell('session')} ${cell('piece')}` : `line ${line}`;
    const fault = (column: string, problem: string): null => {
      faults.push({ line, column, problem });
      spoiled.add(key);
      return null;
    };
    const length = (column: string, written = cell(column)): number | null => {
      if (written === '') return null;
      const unit = UNIT.exec(headings[at[column]!] ?? '')?.[1];
      const bare = /^[\d.,]+$/.test(written) && unit ? `${written} ${unit}` : written;
      const reading = parseLength(bare, bareUnit(units));
      if (!reading.ok) return fault(column, reading.fault.problem);
      const mm = Math.round(reading.value.mm);
      return mm <= MAX_MM ? mm : fault(column, `“${written}” is longer than ${MAX_MM / 1000} m`);
    };
    const count = (column: string): number | null => {
      const written = cell(column);
      if (written === '') return null;
      return /^\d{1,5}$/.test(written) ? Number(written) : fault(column, `“${written}” is no whole number`);
    };
    const on = dayOf(cell('date')) ?? fault('date', `“${cell('date')}” is no day; write 2026-05-04 or 4.5.2026`);
    const project =
      meant(names.projects, cell('project')) ?? fault('project', `“${cell('project')}” is no project of this studio`);
    const cord = meant(names.cords, cell('cord')) ?? fault('cord', `“${cell('cord')}” is no cord of this studio`);
    const skill = cell('skill') === '' ? 'new' : begins(SKILLS, cell('skill'));
    if (!skill) fault('skill', `“${cell('skill')}” is not new, steady or fluent`);
    const role = cell('role') === '' ? null : begins(ROLES, cell('role'));
    if (cell('role') !== '' && !role) fault('role', `“${cell('role')}” is none of ${ROLES.join(', ')}`);
    const written = cell('left');
    const ends = /^(ran )?short/i.test(written)
      ? {
          short: true as const,
          at: written
            .replace(/^(ran )?short( at)?/i, '')
            .trim()
            .slice(0, 60),
        }
      : written === ''
        ? null
        : { mm: written.split(/[;+]/).flatMap((part) => length('left', part.trim()) ?? []) };
    const band = length('band');
    const planned = length('planned') ?? band;
    if (planned === null) fault('planned band', 'say how long the band was planned, or how long it came out');
    const finished = begins(FINISHES, cell('finished'));
    if (cell('finished') !== '' && !finished)
      fault('finished', `“${cell('finished')}” is none of ${FINISHES.join(', ')}`);
    const fits = begins(FITS, cell('fits'));
    if (cell('fits') !== '' && !fits) fault('fits', `“${cell('fits')}” is none of ${FITS.join(', ')}`);
    const thick = length('thick');
    const [knots, minutes, cut_mm] = [count('knots'), count('minutes'), length('cut')];
    if (!on || !project || !cord || !skill || planned === null || spoiled.has(key)) return;
    const own: HistoryCord = {
      line,
      cord,
      role,
      cut_mm,
      left: ends?.mm?.length === 0 ? null : ends,
    };
    const before = pieces.get(key);
    const said: SaidOfPiece = {
      ...(knots !== null && { half_knots: knots }),
      ...(band !== null && { band_mm: band }),
      ...(thick !== null && { thick_mm: thick }),
      ...(minutes !== null && { minutes }),
      ...(fits && { fits }),
      ...(finished && { finished }),
    };
    pieces.set(
      key,
      before
        ? { ...before, said: { ...before.said, ...said }, cords: [...before.cords, own] }
        : {
            line,
            on,
            session: cell('session').slice(0, 120),
            maker: cell('maker').slice(0, 120),
            project,
            skill,
            planned_mm: planned,
            said,
            cords: [own],
          },
    );
  });
  const whole = [...pieces].filter(([key]) => !spoiled.has(key)).map(([, piece]) => piece);
  return { pieces: whole, faults, lines: rows.length, fault: null };
}
