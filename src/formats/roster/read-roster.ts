import { cellsOf, phraseOf, readCell, roleByValues, roleOf, type Cell, type Role } from './columns';
import { isBlank, isGreeting, isHeading, isSentence, isSignOff, isTotal, leadingMarks } from './line-words';
import { blankSeat, type RosterLine, type RosterProject } from './roster-line';
import type { Skill } from '../../core/studio';
import { nothingFound, Stretch, STRONG_SKILL, type Findings } from './read-stretch';
import { seatsOf, wholeSpans, type Above } from './seat-of';
import { phrasesOf, SHIPPED_VOCABULARY, wordsIn, type Phrases, type Vocabulary } from './vocabulary';

/** A line of a list is no longer than this; what stands past it is asked about, not read. */
const MOST = 1_500;
const MOST_CELLS = 40;

/** A line as it was pasted. */
interface Line {
  readonly number: number;
  readonly text: string;
}

const known = new WeakMap<Vocabulary, WeakMap<readonly RosterProject[], Phrases>>();

/** Phrases are made once for a vocabulary and its projects. */
function phrases(vocabulary: Vocabulary, projects: readonly RosterProject[]): Phrases {
  const own = known.get(vocabulary) ?? new WeakMap<readonly RosterProject[], Phrases>();
  known.set(vocabulary, own);
  const made = own.get(projects) ?? phrasesOf(vocabulary, projects);
  own.set(projects, made);
  return made;
}

/** Lines, each with its number; one in quotes that goes on below is one. */
function linesOf(text: string): Line[] {
  const lines: Line[] = [];
  const raw = text.replace(/^\uFEFF/, '').split(/\r\n|\n|\r/);
  for (let i = 0; i < raw.length; i++) {
    const number = i + 1;
    let own = raw[i]!;
    // A cell in quotes may hold line ends: at most a few, or it is no quote.
    for (
      let more = 1;
      more <= 6 &&
      /(?:^|[,;\t|])\s*"/.test(own.slice(0, MOST)) &&
      own.length < MOST &&
      own.split('"').length % 2 === 0 &&
      i + 1 < raw.length;
      more++
    )
      own += `\n${raw[++i]!}`;
    lines.push({ number, text: own });
  }
  return lines;
}

const skipped = ({ number, text }: Line, kind: NonNullable<RosterLine['kind']>): RosterLine => ({
  line: number,
  text,
  seat: blankSeat(),
  faults: [],
  spans: wholeSpans([], text.length),
  skip: true,
  kind,
});

/** Asked about of a line that goes on past what is read. */
function tooLong(found: Findings, { text }: Line): void {
  if (text.length <= MOST) return;
  found.faults.push({
    field: 'rest',
    text: text.slice(MOST, MOST + 60),
    problem: `The line goes on for ${text.length - MOST} signs more, which were not read`,
  });
}

const hasMeasure = (found: Findings): boolean =>
  found.wrists.length > 0 ||
  found.ages.length > 0 ||
  found.hand !== null ||
  found.faults.some(({ field }) => field === 'wrist');
const hasData = (found: Findings): boolean =>
  hasMeasure(found) ||
  found.projects.length > 0 ||
  found.skill !== null ||
  found.avoid.length > 0 ||
  found.smalls.length > 0 ||
  found.colours.length > 0;
const namesSomebody = (found: Findings): boolean => found.runs.some(({ text }) => /\p{L}/u.test(text));

/** A chat's time and sender before what was written. */
const CHAT =
  /^\s{0,3}(?:\[?(?:\d{1,4}[./-]\d{1,2}[./-]\d{1,4},?\s{1,2})?\d{1,2}[:.]\d{2}(?::\d{2})?(?:\s?[ap]\.?m\.?)?\]?\s{0,2}[-–]?\s{0,2}[^:\d\n]{1,40}|[^:\d\n]{1,40}\s\(?\d{1,2}[:.]\d{2}\)?):\s{1,3}/iu;

/** Free lines, one after the other: people, headings that say something of those below, and everything else. */
function readFree(lines: readonly Line[], words: Phrases): RosterLine[] {
  const filled = lines.filter(({ text }) => text.trim() !== '');
  const isChat =
    filled.length > 1 && filled.filter(({ text }) => CHAT.test(text.slice(0, 120))).length >= filled.length / 2;
  let above: Above = { project: null, skill: null };
  let signedOff = false;
  return lines.flatMap((line): RosterLine[] => {
    const text = line.text.slice(0, MOST);
    if (text.trim() === '') return [skipped(line, 'blank')];
    let from = isChat ? (CHAT.exec(text.slice(0, 120))?.[0].length ?? 0) : 0;
    const bare = text.slice(from).trim();
    if (isBlank(bare)) return [skipped(line, 'blank')];
    if (isTotal(bare)) return [skipped(line, 'total')];
    const marked = leadingMarks(text, from, text.length);
    const isListed = marked > from;
    from = marked;
    const found = nothingFound();
    new Stretch(text, from, text.length, { leads: true, phrases: words }, found).read();
    tooLong(found, line);
    const rest = text.slice(from).trim();
    const measured = hasMeasure(found);
    if (isSignOff(bare) && !measured) {
      signedOff = true;
      return [skipped(line, 'text')];
    }
    const level = !measured && found.smalls.length === 0 && !isListed ? skillAlone(rest, words) : null;
    if (level) {
      above = { project: null, skill: level };
      return [skipped(line, 'heading')];
    }
    // A heading that is words of pieces or skills alone says it of all below.
    if (!measured && found.smalls.length === 0 && !isListed && headsBelow(found, rest)) {
      above = { project: found.projects[0]?.slug ?? null, skill: found.skill };
      return [skipped(line, 'heading')];
    }
    if (!measured && !isListed && isHeading(rest) && !isNamed(found, rest)) {
      above = { project: found.projects[0]?.slug ?? null, skill: found.skill };
      return [skipped(line, 'heading')];
    }
    // Of a line that says something of a seat, only what is left over can be a sentence.
    const left = hasData(found) ? found.runs.map((run) => run.text).join(' ') : rest;
    if (!measured && (isGreeting(bare) || isSentence(left))) return [skipped(line, 'text')];
    if (isChat && !measured && !(hasData(found) && /[,;–-]/.test(rest))) return [skipped(line, 'text')];
    if (signedOff && !hasData(found) && !isListed) return [skipped(line, 'text')];
    if (!namesSomebody(found) && !hasData(found)) return [skipped(line, 'blank')];
    return seatsOf(found, line.number, line.text, above);
  });
}

/** A skill that is all a line says, and so that of everybody below: “Beginners:”. */
function skillAlone(text: string, words: Phrases): Skill | null {
  const own = wordsIn(text).filter((word) => !GROUP.has(word));
  const means = own.length > 0 && own.length <= 4 ? phraseOf(own.join(' '), words) : null;
  if (means?.as !== 'skill') return null;
  return /:\s*$/.test(text) || STRONG_SKILL.has(own.at(-1)!) ? means.skill : null;
}

/** Whether nothing but a piece or a skill is on a line, and words that hold it together. */
function headsBelow(found: Findings, text: string): boolean {
  if (found.projects.length === 0 && found.skill === null) return false;
  const left = found.runs.flatMap((run) => wordsIn(run.text)).filter((word) => !GROUP.has(word));
  return left.length === 0 && (/:\s*$/.test(text) || found.projects.length > 0 || text === text.toUpperCase());
}
const GROUP = new Set(
  'band bands bracelet bracelets group groups the for and table people kids makers keychains keychain s only makers party'.split(
    ' ',
  ),
);

/** Whether a line that reads as a heading gives a name with something of a seat after it. */
const isNamed = (found: Findings, text: string): boolean =>
  !/:\s*$/.test(text) &&
  found.runs.length > 0 &&
  (found.projects.length > 0 || found.skill !== null) &&
  /[,;–—-]/.test(text);

interface Table {
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
function tableOf(lines: readonly Line[], words: Phrases): { table: Table; from: number } | null {
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
              ))
        );
      });
      return { table: { roles: settled, headings, head, separator }, from: at };
    }
  }
  return null;
}

function readTable(
  lines: readonly Line[],
  { table, from }: { table: Table; from: number },
  words: Phrases,
): RosterLine[] {
  let above: Above = { project: null, skill: null };
  const { roles, headings, separator } = table;
  return lines.flatMap((line, i): RosterLine[] => {
    const text = line.text.slice(0, MOST);
    if (text.trim() === '') return [skipped(line, 'blank')];
    if (i < from + table.head) return [skipped(line, i < from ? 'text' : 'heading')];
    if (isBlank(text.replaceAll(separator, ' ')) && !/\d/.test(text)) return [skipped(line, 'blank')];
    const cells = cellsOf(text, separator).slice(0, MOST_CELLS);
    const filled = cells.filter((cell) => cell.text !== '');
    if (filled.length === 0) return [skipped(line, 'blank')];
    if (filled.length === 1) {
      const own = nothingFound();
      new Stretch(text, filled[0]!.from, filled[0]!.to, { leads: true, phrases: words }, own).read();
      if (isTotal(filled[0]!.text)) return [skipped(line, 'total')];
      if (headsBelow(own, filled[0]!.text) || (isHeading(filled[0]!.text) && !hasMeasure(own))) {
        above = { project: own.projects[0]?.slug ?? null, skill: own.skill };
        return [skipped(line, 'heading')];
      }
      if (isSentence(filled[0]!.text) || isSignOff(filled[0]!.text)) return [skipped(line, 'text')];
    }
    if (isTotal(filled[0]!.text)) return [skipped(line, 'total')];
    const found = nothingFound();
    tooLong(found, line);
    cells.forEach((cell, c) => readCell(roles[c] ?? 'free', text, cell, headings[c] ?? '', words, found));
    const name = nameFrom(cells, roles);
    // What the columns of names hold is the name, not words to be understood.
    found.runs = found.runs.filter((run) => !cells.some((cell, c) => run.from === cell.from && NAMES.has(roles[c]!)));
    if (name === '' && !hasData(found)) return [skipped(line, 'blank')];
    return seatsOf(found, line.number, line.text, above, name);
  });
}
const NAMES: ReadonlySet<Role> = new Set(['name', 'first', 'last']);

function nameFrom(cells: readonly Cell[], roles: readonly Role[]): string {
  const of = (role: Role): string[] => cells.filter((_, c) => roles[c] === role).map(({ text }) => text);
  const parts = [...of('first'), ...of('name'), ...of('last')].map((text) =>
    text
      .slice(leadingMarks(text, 0, text.length))
      .replace(/\(\s*\d{1,2}\s*\)?\s*$/, '')
      .trim(),
  );
  return parts.filter(Boolean).join(' ').slice(0, 120);
}

const KEY = /^\s{0,4}([\p{L}][\p{L} .'’()#/-]{0,30}?)\s{0,2}[:=]\s{0,4}(.*)$/u;

/** Blocks of lines a person, a key and a value each; null where the text is none. */
function readBlocks(lines: readonly Line[], words: Phrases): RosterLine[] | null {
  const keys = lines.map(({ text }) => {
    const found = KEY.exec(text.slice(0, MOST));
    const role = found ? roleOf(found[1]!) : null;
    return found && role
      ? { role, value: found[2]!, at: found[0].length - found[2]!.length, heading: found[1]! }
      : null;
  });
  const filled = lines.filter(({ text }) => text.trim() !== '').length;
  const keyed = keys.filter(Boolean).length;
  const names = keys.filter((key) => key && NAMES.has(key.role) && key.role !== 'last').length;
  if (keyed < 4 || keyed < filled * 0.6 || names < 2) return null;
  const out: RosterLine[] = [];
  let block: { line: Line; found: Findings; name: string[]; parts: RosterLine[] } | null = null;
  const close = (): void => {
    if (!block) return;
    const { line, found, name, parts } = block;
    const [seat, ...others] = seatsOf(
      found,
      line.number,
      line.text,
      { project: null, skill: null },
      name.join(' ').trim(),
    );
    // Spans of the other lines of a block are theirs.
    out.push(
      { ...seat!, spans: wholeSpans([{ from: 0, to: line.text.length, as: 'name' }], line.text.length) },
      ...others,
      ...parts,
    );
    block = null;
  };
  lines.forEach((line, i) => {
    const key = keys[i];
    if (!key) {
      if (line.text.trim() === '' || !block) {
        if (line.text.trim() === '') close();
        out.push(skipped(line, line.text.trim() === '' ? 'blank' : 'text'));
        return;
      }
      block.found.notes.push(line.text.trim());
      block.parts.push(skipped(line, 'part'));
      return;
    }
    const starts = key.role === 'name' || key.role === 'first';
    if (starts) close();
    if (starts || !block) block ??= { line, found: nothingFound(), name: [], parts: [] };
    if (block.line !== line)
      block.parts.push({
        ...skipped(line, 'part'),
        spans: wholeSpans([{ from: key.at, to: line.text.length, as: spanOf(key.role) }], line.text.length),
      });
    if (NAMES.has(key.role)) block.name.push(key.value.trim());
    else
      readCell(
        key.role,
        line.text,
        { text: key.value.trim(), from: key.at, to: line.text.length },
        key.heading,
        words,
        block.found,
      );
  });
  close();
  return out.sort((a, b) => a.line - b.line);
}

const spanOf = (role: Role) =>
  role === 'free' || role === 'number' || role === 'contact'
    ? 'noise'
    : NAMES.has(role)
      ? 'name'
      : role === 'first' || role === 'last'
        ? 'name'
        : role;

/** The same name on two lines: one person twice, or two people. */
function markTwins(lines: readonly RosterLine[]): RosterLine[] {
  const seen = new Set<string>();
  return lines.map((line) => {
    const key = line.seat.name.toLowerCase();
    if (line.skip || key === '' || !seen.has(key)) {
      if (!line.skip) seen.add(key);
      return line;
    }
    const problem = `${line.seat.name} is on the list twice; remove one, or tell the two apart`;
    return { ...line, faults: [...line.faults, { field: 'name', text: line.seat.name, problem }] };
  });
}

/**
 * Reads a pasted list or a file of who is coming, in whatever form it is: a table with headings or without, free lines, a chat, a
 * mail, a block of lines a person. Every line answers: with a seat, two, or as nobody’s (`skip`); every character of it lies in a span
 * that says what it was read as. Nothing is guessed in silence: what could be two things is a question. Takes time linear in the text.
 *
 * @param vocabulary what words mean; the shipped one unless a studio has its own
 */
export function readRoster(
  text: string,
  projects: readonly RosterProject[],
  vocabulary: Vocabulary = SHIPPED_VOCABULARY,
): RosterLine[] {
  const lines = linesOf(text);
  const words = phrases(vocabulary, projects);
  const blocks = readBlocks(lines, words);
  if (blocks) return markTwins(blocks);
  const table = tableOf(lines, words);
  return markTwins(table ? readTable(lines, table, words) : readFree(lines, words));
}
