import type { Skill } from '../../core/studio';
import { CANCELLED, MAYBE, NOISE, PLUS_ONE, TOGETHER } from './words/line-words';
import { blankSeat, type RosterFault, type RosterLine, type RosterSeat, type Span } from './roster-line';
import type { Findings, Run } from './findings';
import { nameOf, onlyNoise, tidy, twoNames } from './names';
import { readSmalls } from './read-smalls';
import { isNobody } from './words/nobody';
import { wordsIn } from './words/vocabulary';

/** What headings above a line say of all below them. */
export interface Above {
  readonly project: string | null;
  readonly skill: Skill | null;
  /** Whether those below are not coming, or wait for a place; they come where it is not said. */
  readonly coming?: 'cancelled' | 'reserve';
}

/** What cord may be wanted of: a wish, kept as it was said. */
const MATERIALS = new Set(
  'leather satin nylon cotton hemp wool suede waxed twine paracord yarn string silk'.split(' '),
);

/** “Osra and Pell are coming”: so is everybody on the list. */
const COMES = /^(?:(?:is|are|will|can|both|all) )*(?:come|coming)$|^(?:all|both|each)$/i;

/** “Osra can’t have nickel”: what she can’t have is kept as what she avoids. */
const BEARS_NOT =
  /^(?:can['’]?t|cannot|mustn['’]t|must not|doesn['’]t|does not|won['’]t) (?:have|wear|bear|take|stand|touch|do)$/iu;

/** What is left over of a line: words that only hold it together, a remark that is kept, or something that is asked about. */
function readRests(rests: readonly Run[], found: Findings): void {
  for (const run of rests) {
    const text = tidy(run.text);
    if (!/[\p{L}\d]/u.test(text) || onlyNoise(text) || COMES.test(text)) continue;
    if (found.avoid.length > 0 && BEARS_NOT.test(text)) continue;
    const words = wordsIn(text);
    const isRemark =
      words.every((word) => MATERIALS.has(word) || NOISE.has(word)) ||
      // “Pell and Marr” are two more people.
      // A number that leads it may be the wrist.
      (words.length >= 3 &&
        !twoNames(text) &&
        !/^\d{1,2}(?!\d)/.test(text) &&
        !/\d\s*(?:mm|cm|in)(?!\p{L})/iu.test(text)) ||
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

/** Asks about several people on one line. */
export const twoOrMore = (names: readonly string[]): string =>
  names.length === 2
    ? `Two people on one line: is it ${names[0]} and ${names[1]}?`
    : `${names.length} people on one line: are they ${names.slice(0, -1).join(', ')} and ${names.at(-1)}?`;

/** The seats that a line’s findings come to: one, or two where it names two people. */
export function seatsOf(found: Findings, line: number, text: string, above: Above, given = ''): RosterLine[] {
  const led = given && !isNobody(given) ? { name: given, rests: found.runs, nameRun: null } : nameOf(found);
  const { nameRun } = led;
  const written = led.name || (nameRun ? tidy(text.slice(nameRun.from, nameRun.to)) : '');
  const name = written.replace(/(?<=\p{L}) ?[*†‡]+$/u, '');
  if (name !== written) {
    const mark = written.slice(name.length).trim();
    const problem = `“${mark}” stands by the name of ${name}: what does it mean?`;
    found.faults.push({ field: 'rest', text: mark, problem });
  }
  const [out, maybe, plus] = [CANCELLED, MAYBE, PLUS_ONE].map((pattern) => pattern.exec(text)?.[0].trim());
  const cancelled = out !== undefined || above.coming === 'cancelled';
  const known = {
    age: found.ages.find(({ age }) => age !== null)?.age ?? null,
    wrist: found.wrists.length > 0 || found.faults.some(({ field }) => field === 'wrist'),
  };
  // “Wren + 1”: one more, not a year old.
  const smalls = found.smalls.filter((small) => !isWithin(small, PLUS_ONE, text));
  const left = readSmalls(found, known, smalls);
  const rests = led.rests.filter(
    (run) =>
      !isWithin(run, PLUS_ONE, text) &&
      // Where a name would stand, it is said that there is none yet.
      !(name === '' && isNobody(run.text)) &&
      !(maybe && MAYBE.test(run.text)),
  );
  readRests(
    [...rests, ...left].sort((a, b) => a.from - b.from),
    found,
  );
  const project = projectOf(found, nameRun, above);
  const [wrist, other] = found.wrists;
  const pair = twoNames(name);
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
  const told = found.ages.flatMap(({ age }) => age ?? []);
  if (!pair && new Set(told).size > 1)
    found.faults.push({
      field: 'age',
      text: told.join(', '),
      problem: `It gives more than one age: ${told.join(', ')}`,
    });
  const ageOf = (i: number): number | null => (told.length > 1 ? told[i]! : known.age);
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
  const together = pair ? undefined : TOGETHER.exec(name)?.[0].trim();
  if (together) asks.push({ field: 'line', text: together, problem: `“${together}”: how many seats, and whose?` });
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
    const faults = [{ field: 'line' as const, text: name, problem: twoOrMore(pair) }, ...asks, ...found.faults];
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
