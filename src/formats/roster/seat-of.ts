import { parseGirth, WRIST } from '../../core/measure';
import type { Skill } from '../../core/studio';
import { CANCELLED, isFiller, MAYBE, NOISE, PLUS_ONE } from './words/line-words';
import { blankSeat, type RosterFault, type RosterLine, type RosterSeat, type Span } from './roster-line';
import type { Findings, Run } from './findings';
import { wordsIn } from './words/vocabulary';

/** What headings above a line say of all below them. */
export interface Above {
  readonly project: string | null;
  readonly skill: Skill | null;
  /** Whether those below are not coming, or wait for a place; they come where it is not said. */
  readonly coming?: 'cancelled' | 'reserve';
}

const tidy = (text: string): string =>
  text.replace(/\s+/g, ' ').replace(/^[\s,;:.()~≈!?"–—-]+(?=[\p{L}\d<])|[\s,;:(~≈!?–—-]+$/gu, '');
/** Words around a name that are not of it: “can Joss come?”, “my son Ivo”, “Mia is”, “Priya (+1)”. */
function bareName(text: string): string {
  // What was said before, in brackets, or of how many is not of the name.
  const said = text
    .replace(/^.*[?!.;:] (?=\p{Lu})/u, '')
    .replace(/^(?:hi|hello|hey)(?: there)?[,!. ]+(?=\p{Lu})/iu, '')
    .replace(/(?<=\p{L}) \(.*$/u, '')
    .replace(/(?<=\p{L}) [x×] ?[2-9]$/u, '')
    .replace(/^and (?=\p{Lu})/u, '');
  const own = tidy(said.replace(/\s?\(\s?\+ ?\d\s?\)?/g, ''))
    .replace(/^(?:my|our|his|her) (?:\p{Ll}{2,12} )?(?=\p{Lu})/iu, '')
    .split(' ');
  if (!own.some((word) => /^\p{Lu}/u.test(word))) return own.join(' ');
  while (own.length > 1 && isFiller(own[0]!)) own.shift();
  while (own.length > 1 && isFiller(own.at(-1)!)) own.pop();
  return tidy(own.join(' '));
}
const hasLetter = (text: string): boolean => /\p{L}/u.test(text);
const onlyNoise = (text: string): boolean => {
  const words = wordsIn(text);
  return words.every((word) => NOISE.has(word));
};
const isName = ({ text }: Run): boolean => hasLetter(text) && !onlyNoise(text) && !MAYBE.test(text);

/** Two names in one: “Ned and Polly Frame”, “Felicity & Jonah Bright”; a surname given once is both’s. */
function twoNames(name: string): [string, string] | null {
  const found =
    /^(\p{Lu}[\p{L}\p{M}'’.-]{0,40}(?: \p{Lu}?[\p{L}\p{M}'’.-]{1,40}){0,3}) (?:and|&|\+|und|et|y) (?:(?:his|her|their|my) \p{Ll}{2,12} )?(\p{Lu}[\p{L}\p{M}'’.-]{0,40}(?: \p{Lu}?[\p{L}\p{M}'’.-]{1,40}){0,3})$/u.exec(
      name,
    );
  if (!found) return null;
  const [, one = '', two = ''] = found;
  const surname = two.split(' ').slice(1).join(' ');
  return [one.includes(' ') || surname === '' ? one : `${one} ${surname}`, two];
}

/** The name a line gives, and the runs that are not it. Where nothing but words of pieces or colours is left, one of those is a name. */
function nameOf(found: Findings): { name: string; rests: Run[]; nameRun: Run | null } {
  const { named } = found;
  if (named) return { name: tidy(named.text).slice(0, 120), rests: found.runs, nameRun: named };
  const at = found.runs.findIndex(isName);
  if (at >= 0) {
    const nameRun = found.runs[at]!;
    return { name: bareName(nameRun.text).slice(0, 120), rests: found.runs.filter((_, i) => i !== at), nameRun };
  }
  const spare = [
    ...found.projects.filter(({ sure }) => !sure),
    ...found.colours.filter(({ name }) => /^\p{Lu}/u.test(name)),
  ].sort((a, b) => a.from - b.from)[0];
  return { name: '', rests: found.runs, nameRun: spare ? { from: spare.from, to: spare.to, text: '' } : null };
}

/** Bare whole numbers that people mean as wrists, in the unit of each; any other that stands alone is an age. */
const BARE_INCHES = { min: 4, max: 8 };
const BARE_CM = { min: 13, max: 28 };
const within = (n: number, { min, max }: { min: number; max: number }): boolean => n >= min && n <= max;

/** A small whole number: an age where the wrist is known, a wrist where the age is; else for the person where it could be both. */
function readSmalls(found: Findings, seat: { age: number | null; wrist: boolean }, smalls: readonly Run[]): Run[] {
  const rest: Run[] = [];
  for (const small of smalls) {
    const number = Number(small.text);
    const girth = parseGirth(small.text, WRIST);
    if (seat.age === null && (seat.wrist || !(within(number, BARE_INCHES) || within(number, BARE_CM)))) {
      found.ages.push({ age: number, from: small.from, to: small.to });
      found.spans.push({ from: small.from, to: small.to, as: 'age' });
      seat.age = number;
    } else if (seat.age !== null && !seat.wrist && girth.ok) {
      found.wrists.push({ mm: girth.value.mm, estimate: false, from: small.from, to: small.to });
      found.spans.push({ from: small.from, to: small.to, as: 'wrist' });
      seat.wrist = true;
    } else if (seat.age === null && within(number, BARE_INCHES)) {
      found.ages.push({ age: number, from: small.from, to: small.to });
      found.spans.push({ from: small.from, to: small.to, as: 'age' });
      found.faults.push({
        field: 'age',
        text: small.text,
        problem: `“${small.text}” is taken as an age or, in inches, could be a wrist: which?`,
      });
      seat.age = number;
    } else if (seat.age === null) {
      found.faults.push({
        field: 'wrist',
        text: small.text,
        problem: `“${small.text}” could be an age or a wrist; fill in which`,
      });
      found.notes.push(small.text);
    } else rest.push(small);
  }
  return rest;
}

/** What is left over of a line: words that only hold it together, a remark that is kept, or something that is asked about. */
function readRests(rests: readonly Run[], found: Findings): void {
  for (const run of rests) {
    const text = tidy(run.text);
    if (!/[\p{L}\d]/u.test(text) || onlyNoise(text)) continue;
    const words = wordsIn(text);
    const isRemark =
      (words.length >= 3 && !/\d\s*(?:mm|cm|in)(?!\p{L})/iu.test(text)) ||
      (!/\d/.test(text) && text === text.toLowerCase() && words.length >= 2);
    found.notes.push(text);
    found.spans.push({ from: run.from, to: run.to, as: isRemark ? 'note' : 'rest' });
    if (!isRemark)
      found.faults.push({ field: 'rest', text, problem: `“${text}” was not understood; it is kept as a note` });
  }
}

/** Spans over all of a line, in order: what nothing marked holds the rest together. */
export function wholeSpans(spans: readonly Span[], length: number): Span[] {
  const all: Span[] = [];
  let at = 0;
  for (const span of [...spans].sort((a, b) => a.from - b.from || b.to - a.to)) {
    const from = Math.max(at, span.from);
    if (span.to <= from) continue;
    if (from > at) all.push({ from: at, to: from, as: 'noise' });
    all.push({ from, to: span.to, as: span.as });
    at = span.to;
  }
  if (at < length) all.push({ from: at, to: length, as: 'noise' });
  return all;
}

/** The one project a line names, those of a heading where it names none; several are for the person. */
function projectOf(found: Findings, nameRun: Run | null, above: Above): string | null {
  const own = found.projects.filter(({ from }) => from !== nameRun?.from || nameRun.text !== '');
  const slugs = [...new Set(own.map(({ slug }) => slug))];
  if (slugs.length > 1 && !(slugs.length === 2 && slugs.includes('fob-ring') && found.options.loop))
    found.faults.push({ field: 'project', text: slugs.join(', '), problem: 'It names more than one piece: which?' });
  return slugs[0] ?? above.project;
}

const problemOf = (name: string, found: Findings): RosterFault[] => {
  const faults: RosterFault[] = [];
  if (name === '') faults.push({ field: 'name', text: '', problem: 'No name found on this line' });
  return [...faults, ...found.faults];
};

/** The seats that a line’s findings come to: one, or two where it names two people. */
export function seatsOf(found: Findings, line: number, text: string, above: Above, given = ''): RosterLine[] {
  const led = given ? { name: given, rests: found.runs, nameRun: null } : nameOf(found);
  const { nameRun } = led;
  const name = led.name || (nameRun ? tidy(text.slice(nameRun.from, nameRun.to)) : '');
  const [out, maybe, plus] = [CANCELLED, MAYBE, PLUS_ONE].map((pattern) => pattern.exec(text)?.[0].trim());
  const cancelled = out !== undefined || above.coming === 'cancelled';
  const known = {
    age: found.ages.find(({ age }) => age !== null)?.age ?? null,
    wrist: found.wrists.length > 0 || found.faults.some(({ field }) => field === 'wrist'),
  };
  const second = secondPerson(led.rests, found, nameRun);
  // Numbers after a second name are of the second.
  const theirs = second ? found.smalls.filter(({ from }) => from > second.from) : [];
  const next = { age: null as number | null, wrist: true };
  const left = [
    ...readSmalls(
      found,
      known,
      found.smalls.filter((small) => !theirs.includes(small)),
    ),
    ...readSmalls(found, next, theirs),
  ];
  const rests = led.rests.filter(
    (run) => run !== second && !isWithin(run, PLUS_ONE, text) && !(maybe && MAYBE.test(run.text)),
  );
  readRests(
    [...rests, ...left].sort((a, b) => a.from - b.from),
    found,
  );
  const project = projectOf(found, nameRun, above);
  const [wrist, other] = found.wrists;
  const pair: [string, string] | null = second ? [name, bareName(second.text)] : twoNames(name);
  if (other && !pair && other.mm !== null && wrist!.mm !== null && Math.abs(other.mm - wrist!.mm) > 1) {
    const written = text.slice(other.from, other.to);
    found.faults.push({
      field: 'rest',
      text: written,
      problem: `“${written}” was not understood; it is kept as a note`,
    });
    found.notes.push(written);
  }
  // “15.5 / 17 cm” is a range for one, and a length each for two.
  const wristOf = (i: number): typeof wrist => {
    const each = found.wrists.length === 1 ? wrist?.ends?.[i] : undefined;
    return each === undefined ? (found.wrists[i] ?? wrist) : { ...wrist!, mm: each, estimate: false };
  };
  const ages = found.ages.flatMap(({ age }) => age ?? []);
  const ageOf = (i: number): number | null =>
    second ? [known.age, next.age][i]! : ages.length > 1 ? ages[i]! : known.age;
  const seat = (own: string, girth: typeof wrist, age = known.age): RosterSeat => ({
    ...blankSeat(),
    name: own,
    age,
    avoid: [...found.avoid],
    skill: found.skill ?? above.skill,
    wrist_mm: girth?.mm == null ? null : Math.round(girth.mm),
    wrist_method: girth?.mm == null ? null : girth.estimate ? 'estimate' : 'told',
    hand_mm: found.hand,
    project,
    options: { ...found.options },
    colours: found.colours
      .filter(({ from }) => from !== nameRun?.from || nameRun.text !== '')
      .map(({ name: colour, hex }) => ({ name: colour, hex })),
    note: [
      ...new Set([
        ...found.notes,
        ...found.faults.filter(({ field }) => field === 'wrist' || field === 'hand').map((fault) => fault.text),
      ]),
    ]
      .filter(Boolean)
      .join('; ')
      .slice(0, 500),
  });
  const spans = wholeSpans(
    [...found.spans, ...(nameRun ? [{ from: nameRun.from, to: nameRun.to, as: 'name' as const }] : [])],
    text.length,
  );
  const asks: RosterFault[] = [];
  if (above.coming === 'reserve' && !maybe)
    asks.push({ field: 'line', text: '', problem: 'Under reserves: is there a seat for them?' });
  if (maybe) asks.push({ field: 'line', text: maybe, problem: `“${maybe}”: is there a seat for them?` });
  if (plus) asks.push({ field: 'line', text: plus, problem: `“${plus}”: one more seat, and for whom?` });
  const whole: RosterLine = {
    line,
    text,
    seat: seat(name, wrist),
    faults: [...asks, ...problemOf(name, found)],
    spans,
  };
  if (cancelled) return [{ ...whole, faults: [], skip: true, kind: 'cancelled' }];
  if (pair) {
    const problem = `Two people on one line: is it ${pair[0]} and ${pair[1]}?`;
    const faults = [{ field: 'line' as const, text: name, problem }, ...asks, ...found.faults];
    return pair.map((own, i) => ({ line, text, seat: seat(own, wristOf(i), ageOf(i)), faults, spans }));
  }
  return [whole];
}

/** Whether a run is of what a pattern finds in its line. */
function isWithin(run: Run, pattern: RegExp, text: string): boolean {
  const found = pattern.exec(text);
  return (
    found !== null &&
    run.from < found.index + found[0].length &&
    run.to > found.index &&
    run.to <= found.index + found[0].length
  );
}

/** A second name with a wrist of its own: “Tilly Ross 13 cm, Max Ross 14 cm”. */
function secondPerson(rests: readonly Run[], found: Findings, nameRun: Run | null): Run | undefined {
  const [one, two] = found.wrists;
  if (!one || !two || !nameRun) return undefined;
  return rests.find(
    (run) => run.from > one.to && run.to <= two.from && isName(run) && /^\p{Lu}/u.test(bareName(run.text)),
  );
}
