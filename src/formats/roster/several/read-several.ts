import { parseGirth, WRIST } from '../../../core/measure';
import { nothingFound, type Findings } from '../findings';
import { headingOf } from '../headings';
import type { Line } from '../lines';
import { peopleIn, type Part } from './people-in';
import type { RosterLine } from '../roster-line';
import { readAround, type SaidSpan } from '../said';
import { seatsOf, twoOrMore, wholeSpans, type Above } from '../seat-of';
import { BARE_CM, within } from '../words/measures';
import type { Phrases } from '../words/vocabulary';

/** What stands before what is said of all at the end of a line: “…, both buckle”, “…, ring fobs”. */
const OF_ALL = /(?:[,;:.–—-]|(?:both|all|each))\s*(?:a |the )?$/iu;

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
  { number, text }: Line,
  from: number,
  whole: Findings,
  said: readonly SaidSpan[],
  phrases: Phrases,
  above: Above,
): RosterLine[] | null {
  const people = peopleIn(text, from, whole, said, phrases);
  const { named } = whole;
  // Who was said to be the name, and none of them, is the only one.
  if (people.length === 0 || (named && !people.some((part) => part.from === named.from))) return null;
  const lead = text.slice(from, people[0]!.from);
  // “Ring fobs: Osra 16.5, Pell 17” says it of both; other words before the first name belong to it.
  const heads = /:\s*$/.test(lead);
  const parts = heads ? people : [{ ...people[0]!, from }, ...people.slice(1)];
  const found = parts.map((part) => findingsOf(text, part, said, phrases));
  const head = heads ? headingOf(lead, findingsOf(text, { from, to: people[0]!.from }, said, phrases), phrases) : null;
  asTheOthers(found);
  const told = { ...above, ...head, ...saidOfAll(text, found) };
  const read = found.map((own, i) => seatsOf(own, number, alone(text, parts[i]!), told));
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
      : { ...seat, text, spans, faults: [...(names.length > 1 ? [ask] : []), ...seat.faults] },
  );
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

function findingsOf(text: string, part: Part, said: readonly SaidSpan[], phrases: Phrases): Findings {
  const found = nothingFound();
  readAround(text, part, said, { leads: true, phrases }, found);
  return found;
}

/** A line with nothing on it but one of its parts, at its place. */
const alone = (text: string, { from, to }: Part): string => ' '.repeat(from) + text.slice(from, to);

const isIn = (span: { readonly from: number; readonly to: number }, { from, to }: Part): boolean =>
  span.from >= from && span.to <= to;
