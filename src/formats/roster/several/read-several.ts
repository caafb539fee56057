import { parseGirth, WRIST } from '../../../core/measure';
import type { Findings } from '../findings';
import { headingOf } from '../headings';
import type { Line } from '../lines';
import { namesAlone } from './names-alone';
import { namesPerson, peopleIn, type Part } from './people-in';
import type { RosterLine } from '../roster-line';
import { findingsIn, type SaidSpan } from '../said';
import { seatsOf, twoOrMore, wholeSpans, type Above } from '../seat-of';
import { isSentence } from '../words/line-words';
import { BARE_CM, within } from '../words/measures';
import type { Phrases } from '../words/vocabulary';

/** What stands before what is said of all at the end of a line: “…, both buckle”, “…, ring fobs”. */
const OF_ALL = /(?:[,;:.(–—-]|(?:both|all|each))\s*(?:a |the )?$/iu;

/** What the last of several says at the end, where none of the others says any such thing: it is of all. */
function saidOfAll(text: string, parts: readonly Findings[]): Partial<Above> {
  const [last, others] = [parts.at(-1)!, parts.slice(0, -1)];
  const project = last.projects.find(({ from }) => OF_ALL.test(text.slice(0, from)));
  const skill = last.spans.find(({ as, from }) => as === 'skill' && OF_ALL.test(text.slice(0, from)));
  return {
    ...(project && others.every((own) => own.projects.length === 0) && { project: project.slug }),
    ...(skill && others.every((own) => own.skill === null) && { skill: last.skill }),
  };
}

/** Several people on one line, each read from their own stretch of it, and asked about; null where it is not of several. */
export function readSeveral(
  line: Line,
  from: number,
  whole: Findings,
  said: readonly SaidSpan[],
  phrases: Phrases,
  above: Above,
): RosterLine[] | null {
  const people = peopleIn(line.text, from, whole, said, phrases);
  const { named } = whole;
  // Who was said to be the name, and none of them, is the only one.
  if (people.length === 0 || (named && !people.some((part) => part.from === named.from))) return null;
  const first = people[0]!;
  const told = toldBy(line.text, { from, to: first.from }, said, phrases, above);
  const parts = told ? people : withLead(line.text, from, people);
  const found = parts.map((part) => findingsIn(line.text, part, said, phrases));
  asTheOthers(found);
  return seatsOfParts(line, parts, found, told ?? above);
}

/** People on one line that is nothing but names, or nothing more than is said of them all; null where it is not. */
export function readNames(
  line: Line,
  from: number,
  said: readonly SaidSpan[],
  phrases: Phrases,
  above: Above,
): RosterLine[] | null {
  const isElse = ({ from: at, to }: Part): boolean => said.some((span) => at < span.to && to > span.from);
  const people = namesAlone(line.text, from, phrases);
  if (people.length === 0 || people.some(isElse)) return null;
  const told = toldBy(line.text, { from, to: people[0]!.from }, said, phrases, above);
  const found = people.map((part) => findingsIn(line.text, part, said, phrases));
  shareOut(line.text, people, found);
  return seatsOfParts(line, people, found, told ?? above);
}

/** Somebody who brings others: “Rue + my two girls (”. */
const BRINGS =
  /^(\p{Lu}[\p{L}\p{M}'’.-]{1,30}(?: \p{Lu}[\p{L}\p{M}'’.-]{1,30}){0,2})\s?(?:[:,–—-].*)?(?:\+|&|and|with|plus) (?:my|our|his|her|their|the)(?!\p{L})/u;

/** What leads the first name of several: of somebody who brings them, of a sentence that is nobody’s, or words that belong to it. */
function withLead(text: string, from: number, people: readonly Part[]): readonly Part[] {
  const first = people[0]!;
  const lead = text.slice(from, first.from);
  const bringer = BRINGS.exec(lead)?.[1];
  if (bringer && namesPerson(bringer.split(' '), false)) return [{ from, to: first.from }, ...people];
  return isSentence(lead) ? people : [{ ...first, from }, ...people.slice(1)];
}

/** What is said of those on a line by what leads it: “Ring fobs: Osra 16.5, Pell 17” says it of both. */
function toldBy(
  text: string,
  { from, to }: Part,
  said: readonly SaidSpan[],
  phrases: Phrases,
  above: Above,
): Above | null {
  const lead = text.slice(from, to);
  if (!/:\s*$/.test(lead)) return null;
  return { ...above, ...headingOf(lead, findingsIn(text, { from, to }, said, phrases), phrases) };
}

/** The seats of the people of a line, each with the question whether they are several. */
function seatsOfParts(
  { number, text }: Line,
  parts: readonly Part[],
  found: readonly Findings[],
  told: Above,
): RosterLine[] {
  const ofAll = { ...told, ...saidOfAll(text, found) };
  const read = found.map((own, i) => seatsOf(own, number, alone(text, parts[i]!), ofAll));
  const seats = read.flat();
  const spans = wholeSpans(
    read.flatMap(([first], i) => first!.spans.filter((span) => isIn(span, parts[i]!))),
    text.length,
  );
  const names = seats.filter(({ skip }) => !skip).map(({ seat }) => seat.name);
  const ask = { field: 'line' as const, text: names.join(', '), problem: twoOrMore(names) };
  return seats.map((seat) =>
    seat.skip
      ? { ...seat, text, spans }
      : { ...seat, text, spans, faults: [...(parts.length > 1 && names.length > 1 ? [ask] : []), ...seat.faults] },
  );
}

/** A length or an age after the last of several names is of all: “Osra, Pell and Marr 16 cm”, “Osra, Pell, Marr, all 9”. */
function shareOut(text: string, parts: readonly Part[], found: readonly Findings[]): void {
  const [last, others] = [found.at(-1)!, found.slice(0, -1)];
  const [number] = [...last.wrists, ...last.ages, ...last.smalls].sort((a, b) => a.from - b.from);
  const isOfAll =
    number !== undefined &&
    (/(?:both|all|each)(?: \p{L}+)?\s*$/iu.test(text.slice(0, number.from)) ||
      /(?:\s(?:and|und|et|y)|[&+])\s*$/iu.test(text.slice(0, parts.at(-1)!.from)));
  if (!isOfAll) return;
  for (const own of others) {
    own.wrists.push(...last.wrists);
    own.ages.push(...last.ages);
    own.smalls.push(...last.smalls);
  }
}

/** A whole number by a name is a wrist where it can be one and others of the line have one: “Osra 16.5, Pell 17”. */
function asTheOthers(parts: readonly Findings[]): void {
  if (!parts.some(({ wrists }) => wrists.length > 0)) return;
  for (const own of parts) {
    const [small, another] = own.smalls;
    const isAlone = own.wrists.length === 0 && own.ages.length === 0 && own.hand === null && another === undefined;
    const girth = small && isAlone && within(Number(small.text), BARE_CM) ? parseGirth(small.text, WRIST) : null;
    if (!small || !girth?.ok) continue;
    const { from, to } = small;
    own.wrists.push({ mm: girth.value.mm, estimate: false, from, to });
    own.spans.push({ from, to, as: 'wrist' });
    own.smalls = [];
  }
}

/** A line with nothing on it but one of its parts, at its place. */
const alone = (text: string, { from, to }: Part): string => ' '.repeat(from) + text.slice(from, to);

const isIn = (span: { readonly from: number; readonly to: number }, { from, to }: Part): boolean =>
  span.from >= from && span.to <= to;
