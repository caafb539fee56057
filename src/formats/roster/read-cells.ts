import { HAND, parseGirth, WRIST, type Girth } from '../../core/measure';
import type { RosterFault, RosterLine, RosterProject, RosterSeat } from './roster-line';
import { take, takeAvoid, takeLoop, takeProject, takeSkill } from './words';

const NUMBER = String.raw`(?:\d+\s*[-\s]\s*)?\d+\s*[/⁄]\s*\d+|\d+(?:[.,]\d+)?\s*[¼½¾⅓⅔⅛⅜⅝⅞]?|[¼½¾⅓⅔⅛⅜⅝⅞]`;
const METRIC = String.raw`(?:mm|cm|millimet(?:re|er)s?|centimet(?:re|er)s?|met(?:re|er)s?|m\b)`;
const IMPERIAL = String.raw`(?:inch(?:es)?|ins?\b\.?|ft\b|feet|foot|["″”]|'')`;
const UNIT = `(?:${METRIC}|${IMPERIAL})`;
const LENGTH = String.raw`(?:${NUMBER})\s*${UNIT}`;
/** The other system of units right after it, which is the same length said twice. */
const TWICE = String.raw`(?:${NUMBER})\s*${METRIC}\s*(?:${NUMBER})\s*${IMPERIAL}|(?:${NUMBER})\s*${IMPERIAL}\s*(?:${NUMBER})\s*${METRIC}`;
const GUESS = String.raw`(?:~|≈|(?:about|approx\.?|est(?:imated?)?\.?|maybe|roughly|ca?\.)\s*)`;
/** A length with its unit, perhaps doubled in another unit, perhaps marked as a guess. */
const WITH_UNIT = new RegExp(
  String.raw`(${GUESS}?)\s*(${TWICE}|${LENGTH}(?:\s*(?:\(\s*${LENGTH}\s*\)|[/=≈]\s*${LENGTH}))?)\s*(\?|\(est(?:\.|imate)?\)|est\b\.?)?`,
  'iu',
);
/** A number on its own that only a wrist can be: marked as a guess, with a fraction, a decimal, or over 100. */
const BARE = new RegExp(
  String.raw`(?<![\p{L}\d])(${GUESS}?)\s*((?:\d+\s*[-\s]\s*)?\d+\s*[/⁄]\s*\d+|\d+\s*[¼½¾⅓⅔⅛⅜⅝⅞]|\d+[.,]\d+|\d{3})\s*(\?)?(?![\p{L}\d])`,
  'iu',
);
const AGE =
  /(?<![\p{L}\d])(?:(?:age|aged)[:\s]*(\d{1,3})|(\d{1,3})\s*(?:y\/?o|yrs?(?: old)?|years?(?: old)?|y)(?![\p{L}]))/iu;
/** A small whole number that stands alone or in brackets of its own, with no unit after it. */
const SMALL = new RegExp(String.raw`(?<=^|\s)\(?(\d{1,2})\)?(?=\s|$)(?!\s*${UNIT}(?!\p{L}))`, 'iu');

/** A line being read: what is found so far, and what is left of each cell. */
interface Draft {
  seat: RosterSeat;
  faults: RosterFault[];
}

const blank = (): RosterSeat => ({
  name: '',
  age: null,
  avoid: [],
  skill: 'new',
  wrist_mm: null,
  wrist_method: null,
  hand_mm: null,
  project: null,
  options: {},
  note: '',
});

/** Reads a girth into the draft, or notes the fault. */
function setGirth(draft: Draft, field: 'wrist' | 'hand', text: string, guess: boolean): void {
  const girth: Girth = field === 'wrist' ? WRIST : HAND;
  const reading = parseGirth(text, girth);
  if (!reading.ok) {
    draft.faults.push({
      field,
      text: text.trim(),
      problem: reading.problem,
      ...(reading.choices && { choices: reading.choices.map(Math.round) }),
    });
  } else if (field === 'hand') draft.seat = { ...draft.seat, hand_mm: Math.round(reading.mm) };
  else draft.seat = { ...draft.seat, wrist_mm: Math.round(reading.mm), wrist_method: guess ? 'estimate' : 'told' };
}

function setAge(draft: Draft, text: string): void {
  const age = Number(text);
  if (!/^\d{1,3}$/.test(text.trim()) || age > 120)
    draft.faults.push({ field: 'age', text, problem: `“${text}” is not an age in whole years` });
  else draft.seat = { ...draft.seat, age };
}

const hasWrist = (draft: Draft): boolean =>
  draft.seat.wrist_mm !== null || draft.faults.some((fault) => fault.field === 'wrist');

/** Takes everything but the name out of a cell; what is left comes back. */
function readCell(draft: Draft, cell: string, projects: readonly RosterProject[]): string {
  let text = cell;
  for (;;) {
    const avoid = takeAvoid(text);
    if (!avoid.word) break;
    if (!draft.seat.avoid.includes(avoid.word))
      draft.seat = { ...draft.seat, avoid: [...draft.seat.avoid, avoid.word] };
    text = avoid.rest;
  }
  const age = take(text, AGE);
  if (age.found) {
    setAge(draft, (age.found[1] ?? age.found[2])!);
    text = age.rest;
  }
  const hand = take(text, new RegExp(String.raw`hand\s*[:=]?\s*(${LENGTH}|\d{3})`, 'iu'));
  if (hand.found) {
    setGirth(draft, 'hand', hand.found[1]!, false);
    text = hand.rest;
  }
  const loop = takeLoop(text);
  if (loop.word) {
    draft.seat = { ...draft.seat, options: { ...draft.seat.options, loop: loop.word } };
    // A lanyard is a loop and a piece at once: the word stays for the project to be read from.
    if (!/lanyard/i.test(loop.found)) text = loop.rest;
  }
  const project = takeProject(text, projects);
  if (project.word && draft.seat.project === null) {
    draft.seat = { ...draft.seat, project: project.word };
    text = project.rest;
  }
  const skill = takeSkill(text);
  if (skill.word) {
    draft.seat = { ...draft.seat, skill: skill.word };
    text = skill.rest;
  }
  for (const pattern of [WITH_UNIT, BARE]) {
    if (hasWrist(draft)) break;
    const wrist = take(text, pattern);
    if (!wrist.found) continue;
    setGirth(draft, 'wrist', wrist.found[2]!, Boolean(wrist.found[1]?.trim() || wrist.found[3]));
    text = wrist.rest.replace(/\bwrist\b\s*:?/i, ' ');
  }
  return text;
}

/** Small whole numbers left over: an age where the wrist is known, else one of the two and for the person to say. */
function readSmallNumbers(draft: Draft, rests: string[]): string[] {
  return rests.map((text) => {
    const small = take(text, SMALL);
    if (!small.found) return text;
    const number = small.found[1]!;
    if (draft.seat.age === null && (hasWrist(draft) || Number(number) < 4 || Number(number) > 28))
      setAge(draft, number);
    else if (draft.seat.age !== null && !hasWrist(draft)) setGirth(draft, 'wrist', number, false);
    else if (draft.seat.age === null)
      draft.faults.push({
        field: 'wrist',
        text: number,
        problem: `“${number}” could be an age or a wrist; fill in which`,
      });
    else return text;
    return small.rest;
  });
}

const tidy = (text: string): string => text.replace(/\s+/g, ' ').replace(/^[\s,;:.()~≈–—-]+|[\s,;:(~≈–—-]+$/g, '');

/** A number that is in no name: of three digits, or with a unit. What stands before it is the name. */
const ODD = new RegExp(String.raw`^(.*\S)\s+((?:\d{3,}|(?:${NUMBER})\s*${UNIT})(?!\p{L}).*)$`, 'isu');

/** Reads a line from its cells, whatever their order: the first words left over are the name, the rest goes to the note. */
export function readCells(
  cells: readonly string[],
  line: number,
  text: string,
  projects: readonly RosterProject[],
): RosterLine {
  const draft: Draft = { seat: blank(), faults: [] };
  const rests = readSmallNumbers(
    draft,
    cells.map((cell) => readCell(draft, cell, projects)),
  );
  const [words = '', ...others] = rests.map(tidy).filter((rest) => rest !== '');
  const [, name = words, odd] = ODD.exec(words) ?? [];
  const extra = odd === undefined ? others : [odd, ...others];
  for (const rest of extra)
    draft.faults.push({ field: 'rest', text: rest, problem: `“${rest}” was not understood; it is kept as a note` });
  const shortName = name.slice(0, 120);
  if (shortName === '') draft.faults.unshift({ field: 'name', text, problem: 'No name found on this line' });
  const kept = draft.faults.filter((fault) => fault.field !== 'name').map((fault) => fault.text);
  return {
    line,
    text,
    seat: { ...draft.seat, name: shortName, note: kept.join('; ').slice(0, 500) },
    faults: draft.faults,
  };
}

/** Reads a line whose columns are named, each cell as what its heading says. */
export function readNamed(
  cells: Readonly<Record<string, string>>,
  line: number,
  text: string,
  projects: readonly RosterProject[],
): RosterLine {
  const draft: Draft = { seat: blank(), faults: [] };
  const { name = '', wrist, hand, age, ...others } = cells;
  for (const [field, cell] of Object.entries(others)) {
    const rest = tidy(readCell(draft, cell, projects));
    if (rest && field !== 'note')
      draft.faults.push({
        field: 'rest',
        text: rest,
        problem: `“${rest}” was not understood as ${field}; it is kept as a note`,
      });
    else if (rest) draft.seat = { ...draft.seat, note: rest };
  }
  if (age?.trim()) setAge(draft, age.replace(/\s*(?:years?|yrs?|y)\.?\s*(?:old)?$/i, '').trim());
  if (wrist?.trim()) {
    const guess = /^\s*(?:~|≈|about|approx|est)|\?\s*$|est/i.test(wrist);
    setGirth(
      draft,
      'wrist',
      wrist.replace(/^\s*(?:~|≈|about|approx\.?|est\.?)\s*|\s*\??\s*(?:\(est(?:\.|imate)?\))?\s*$/gi, ''),
      guess,
    );
  }
  if (hand?.trim()) setGirth(draft, 'hand', hand, false);
  if (!name.trim()) draft.faults.unshift({ field: 'name', text, problem: 'No name found on this line' });
  const kept = [
    draft.seat.note,
    ...draft.faults.filter((fault) => fault.field !== 'name').map((fault) => fault.text),
  ].filter(Boolean);
  return {
    line,
    text,
    seat: { ...draft.seat, name: name.trim().slice(0, 120), note: kept.join('; ').slice(0, 500) },
    faults: draft.faults,
  };
}
