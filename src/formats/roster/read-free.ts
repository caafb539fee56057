import { hasData, hasMeasure, headingOf } from './headings';
import { cancelsSomebody, isBlank, isGreeting, isSentence, isSignOff, isTotal, leadingMarks } from './words/line-words';
import { MOST, skipped, tooLong, type Line } from './lines';
import { nothingFound, type Findings } from './findings';
import type { RosterLine } from './roster-line';
import { readAround, type Said } from './said';
import { seatsOf, type Above } from './seat-of';
import type { Phrases } from './words/vocabulary';

const namesSomebody = (found: Findings): boolean => found.runs.some(({ text }) => /\p{L}/u.test(text));

/** A chat's time and sender before what was written. */
const CHAT =
  /^\s{0,3}(?:\[?(?:\d{1,4}[./-]\d{1,2}[./-]\d{1,4},?\s{1,2})?\d{1,2}[:.]\d{2}(?::\d{2})?(?:\s?[ap]\.?m\.?)?\]?\s{0,2}[-–]?\s{0,2}[^:\d\n]{1,40}|[^:\d\n]{1,40}\s\(?\d{1,2}[:.]\d{2}\)?):\s{1,3}/iu;

/** Who wrote, at the end of what stands before it. */
const SENDER = /([\p{L}\p{M}'’. -]{1,40}?)(?:\s\(?\d{1,2}[:.]\d{2}\)?)?:\s*$/u;

/** Lines that are numbered in order without a mark, “1 Dee”, “2 Gus”: their numbers are not of the names. */
function numberedLines(lines: readonly Line[]): ReadonlySet<number> {
  const numbered = new Set<number>();
  let last: { line: number; n: number } | null = null;
  for (const { number, text } of lines) {
    const n = Number(/^\s{0,6}(\d{1,3})\s+\p{L}/u.exec(text)?.[1] ?? NaN);
    if (Number.isNaN(n)) continue;
    if (last && n === last.n + 1) numbered.add(last.line).add(number);
    last = { line: number, n };
  }
  return numbered;
}

/** Free lines, one after the other: people, headings that say something of those below, and everything else. */
export function readFree(lines: readonly Line[], words: Phrases, { spans: said }: Pick<Said, 'spans'>): RosterLine[] {
  const filled = lines.filter(({ text }) => text.trim() !== '');
  const isChat =
    filled.length > 1 && filled.filter(({ text }) => CHAT.test(text.slice(0, 120))).length >= filled.length / 2;
  let above: Above = { project: null, skill: null };
  const numbered = numberedLines(lines);
  let signedOff = false;
  return lines.flatMap((line): RosterLine[] => {
    const text = line.text.slice(0, MOST);
    if (text.trim() === '') return [skipped(line, 'blank')];
    let from = isChat ? (CHAT.exec(text.slice(0, 120))?.[0].length ?? 0) : 0;
    const sender = isChat ? (SENDER.exec(text.slice(0, from))?.[1]?.trim() ?? '') : '';
    if (numbered.has(line.number)) from += /^\s*\d+\s+/.exec(text.slice(from))?.[0].length ?? 0;
    const bare = text.slice(from).trim();
    if (isBlank(bare)) return [skipped(line, 'blank')];
    if (isTotal(bare)) return [skipped(line, 'total')];
    const marked = leadingMarks(text, from, text.length);
    const isListed = marked > from;
    from = marked;
    const found = nothingFound();
    const own = said.filter((span) => span.line === line.number);
    readAround(text, { from, to: text.length }, own, { leads: true, phrases: words }, found);
    tooLong(found, line);
    const rest = text.slice(from).trim();
    // Somebody who was named is there, whatever else the line looks like.
    if (found.named) return seatsOf(found, line.number, line.text, above);
    const measured = hasMeasure(found);
    if (isSignOff(bare) && !measured) {
      signedOff = true;
      return [skipped(line, 'text')];
    }
    if (cancelsSomebody(rest)) return seatsOf(found, line.number, line.text, above);
    const heading = isListed ? null : headingOf(rest, found, words);
    if (heading) {
      above = heading;
      return [skipped(line, 'heading')];
    }
    // Of a line that says something of a seat, only what is left over can be a sentence.
    const left = hasData(found) ? found.runs.map((run) => run.text).join(' ') : rest;
    if (!measured && (isGreeting(bare) || isSentence(left))) return [skipped(line, 'text')];
    if (isChat && !measured && !(hasData(found) && /[,;–-]/.test(rest))) return [skipped(line, 'text')];
    if (signedOff && !hasData(found) && !isListed) return [skipped(line, 'text')];
    if (!namesSomebody(found) && !hasData(found)) return [skipped(line, 'blank')];
    // Who writes of no one else by name writes of themselves.
    const byName = found.runs.some((run) => /(?:^|[?!.] |and )\p{Lu}/u.test(run.text.trim()));
    return seatsOf(found, line.number, line.text, above, sender && !byName ? sender : '');
  });
}
