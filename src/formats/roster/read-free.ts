import { NAMES } from './columns';
import { hasData, hasMeasure, headingOf } from './headings';
import {
  CANCELLED,
  cancelsSomebody,
  isBlank,
  isCrew,
  isTitle,
  namesFirst,
  isGreeting,
  isQuoting,
  isSentence,
  isTold,
  isSignOff,
  isTotal,
  leadingMarks,
} from './words/line-words';
import { MOST, skipped, tooLong, type Line } from './lines';
import { nothingFound, type Findings } from './findings';
import type { RosterLine } from './roster-line';
import { readAround, type Said } from './said';
import { namesOne } from './names';
import { inColumns } from './several/names-alone';
import { readNames, readSeveral } from './several/read-several';
import { seatsOf, type Above } from './seat-of';
import { isChat, messageOf, takesPlace, writesFor } from './words/chat';
import { isEmptyPlace } from './words/nobody';
import type { Phrases } from './words/vocabulary';
import { roleOf } from './words/column-roles';

const namesSomebody = (found: Findings): boolean => found.runs.some(({ text }) => /\p{L}/u.test(text));

/** Whether a line next to one, over blank ones, has a number on it. */
function nearMeasures(lines: readonly Line[], i: number): boolean {
  const filled = (line: Line): boolean => line.text.trim() !== '';
  const [before, after] = [lines.slice(0, i).findLast(filled), lines.slice(i + 1).find(filled)];
  return [before, after].some((line) => line !== undefined && /\d/.test(line.text));
}

/** Lines that are numbered in order without a mark, “1 Dee”, “2 Gus”: their numbers are not of the names. */
function numberedLines(lines: readonly Line[]): ReadonlySet<number> {
  const numbered = new Set<number>();
  let last: { line: number; n: number } | null = null;
  for (const { number, text } of lines) {
    const n = Number(/^\s{0,6}(\d{1,3})(?:\s+\p{L}|\s*$)/u.exec(text)?.[1] ?? NaN);
    if (Number.isNaN(n)) continue;
    if (last && n === last.n + 1) numbered.add(last.line).add(number);
    last = { line: number, n };
  }
  return numbered;
}

/** Headings over columns that only spaces part: “Name  Wrist  Age”. */
const isRowOfHeadings = (text: string): boolean => {
  const roles = text.split(/ {2,}/).map(roleOf);
  return roles.length >= 2 && roles.every((role) => role !== null) && roles.some((role) => NAMES.has(role!));
};

/** Free lines, one after the other: people, headings that say something of those below, and everything else. */
export function readFree(lines: readonly Line[], words: Phrases, { spans: said }: Pick<Said, 'spans'>): RosterLine[] {
  const chat = isChat(lines.map(({ text }) => text).filter((text) => text.trim() !== ''));
  let above: Above = { project: null, skill: null };
  const numbered = numberedLines(lines);
  const columns = inColumns(lines);
  let signedOff = false;
  return lines.flatMap((line, i): RosterLine[] => {
    const text = line.text.slice(0, MOST);
    if (text.trim() === '') return [skipped(line, 'blank')];
    const message = chat ? messageOf(text) : { sender: '', from: 0 };
    const { sender } = message;
    let { from } = message;
    if (numbered.has(line.number)) from += /^\s*\d+\s+/.exec(text.slice(from))?.[0].length ?? 0;
    const bare = text.slice(from).trim();
    if (isBlank(bare) || isEmptyPlace(bare)) return [skipped(line, 'blank')];
    if (isTotal(bare)) return [skipped(line, 'total')];
    if (isQuoting(text.slice(leadingMarks(text, from, text.length)).trim())) return [skipped(line, 'text')];
    if (isRowOfHeadings(bare)) return [skipped(line, 'heading')];
    const marked = leadingMarks(text, from, text.length);
    const isListed = marked > from;
    from = marked;
    const found = nothingFound();
    const own = said.filter((span) => span.line === line.number);
    readAround(text, { from, to: text.length }, own, { leads: true, phrases: words }, found);
    tooLong(found, line);
    const rest = text.slice(from).trim();
    const several = readSeveral({ number: line.number, text }, from, found, own, words, above);
    if (several) return several;
    // Somebody who was named is there, whatever else the line looks like.
    if (found.named) return seatsOf(found, line.number, line.text, above);
    const measured = hasMeasure(found);
    if (isSignOff(bare) && !measured) {
      signedOff = true;
      return [skipped(line, 'text')];
    }
    if (isCrew(rest)) return [skipped(line, 'text')];
    if (!isListed && isTitle(rest) && found.wrists.length === 0) {
      above = { project: null, skill: null };
      return [skipped(line, 'heading')];
    }
    if (cancelsSomebody(rest) || (sender && CANCELLED.test(rest)))
      return seatsOf(found, line.number, line.text, above, cancelsSomebody(rest) ? '' : sender);
    const names =
      chat || signedOff || columns.has(line.number)
        ? null
        : readNames({ number: line.number, text }, from, own, words, above);
    if (names) return names;
    const heading = isListed ? null : headingOf(rest, found, words);
    if (heading) {
      above = heading;
      return [skipped(line, 'heading')];
    }
    const taken = sender ? takesPlace(rest) : null;
    if (taken && !measured) {
      found.faults.push({ field: 'line', text: taken, problem: `“${taken}”: is it a seat for ${sender}?` });
      return seatsOf(found, line.number, line.text, above, writesFor(rest, sender));
    }
    // Of a line that says something of a seat, only what is left over can be a sentence.
    const left = hasData(found) ? found.runs.map((run) => run.text).join(' ') : rest;
    // Beside lines that measure people, a name with a remark is one of them.
    const isOneOfThem = namesFirst(rest) && (isListed || nearMeasures(lines, i));
    if (!measured && !isOneOfThem && (isGreeting(bare) || isTold(rest) || isSentence(left)))
      // What somebody’s skin does not bear is kept by whom it names, who may be on another line.
      return found.avoid.length > 0
        ? seatsOf(found, line.number, line.text, above).map((own) => ({ ...own, faults: [], skip: true, kind: 'text' }))
        : [skipped(line, 'text')];
    if (chat && !measured && !(hasData(found) && /[,;–-]/.test(rest))) return [skipped(line, 'text')];
    if (signedOff && !hasData(found) && !isListed) return [skipped(line, 'text')];
    if (!namesSomebody(found) && !hasData(found)) return [skipped(line, 'blank')];
    // Who writes of no one else by name writes of themselves.
    const byName = found.runs.some(
      ({ text: run }) =>
        namesOne(run) && /(?:^|[?!.] |and |(?:my|our|his|her) (?:\p{Ll}{2,12} )?)\p{Lu}/u.test(run.trim()),
    );
    const writer = sender ? writesFor(rest, sender) : '';
    return seatsOf(found, line.number, line.text, above, byName && writer === sender ? '' : writer);
  });
}
