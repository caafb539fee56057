import { HAND, parseGirth, WRIST, type Girth } from '../../../core/measure';
import { matchAt } from './tokens';

/** Bare whole numbers that people mean as wrists, in the unit of each; any other that stands alone is an age. */
export const BARE_INCHES = { min: 4, max: 8 };
export const BARE_CM = { min: 13, max: 28 };
export const within = (n: number, { min, max }: { min: number; max: number }): boolean => n >= min && n <= max;

/** A girth as it stands in a line. */
export interface GirthFound {
  readonly to: number;
  readonly mm: number | null;
  readonly estimate: boolean;
  readonly problem: string | null;
  readonly choices?: readonly number[];
  /** Two lengths apart by “or”: which, is for the person. */
  readonly either: boolean;
  /** Of two lengths apart by a stroke, both, mm. */
  readonly ends?: readonly [number, number];
}

/** Numbers written out, from four on: only with a unit behind them are they of a girth. */
const WRITTEN =
  'four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty'.split(
    ' ',
  );
const WORD = String.raw`(?:${WRITTEN.join('|')})(?!\p{L})`;
const WORD_FIRST = new RegExp(`^${WORD}`, 'iu');
/** What a number has after it in words: “and a half”. */
const PART = String.raw`(?: and (?:a|one) (?:half|quarter)| and three[ -]quarters?)(?!\p{L})`;
/** What fractions of a ruler are parts of; a number that goes on is another length. */
const PARTS = String.raw`(?:64|32|16|8|4|2|3|5|10|12)(?!\d|[.,]\d)`;
const U = String.raw`(?:mm|millimet(?:re|er)s?|cms?|centimet(?:re|er)s?|inch(?:es)?|ins?(?!\p{L}| (?:total|all|the|our|my)(?!\p{L}))\.?|["″”]|''|metres?|meters?|m(?!\p{L})|ft(?!\p{L})|feet)(?!\p{L})`;
/** A short gap within a line. */
export const S = String.raw`[ \u00a0\t]{0,3}`;
const N = String.raw`(?:\d{1,2}${PART}|${WORD}(?:${PART})?(?=[ -]${U})|\d{1,3}[ \u00a0]{0,2}-?[ \u00a0]{0,2}\d{1,2} ?[/⁄] ?${PARTS}|\d{1,2} ?[/⁄] ?${PARTS}|\d{1,4}(?:[.,]\d{1,3})?[ \u00a0]?[¼½¾⅓⅔⅛⅜⅝⅞]|\d{1,4}[.,]\d{1,3}|\d{1,4}|[¼½¾])`;
/** Words and marks before a length that is not measured. */
export const GUESS = String.raw`(?:~|≈|±|c\.|ca\.?(?!\p{L})|circa|about|approx(?:imately|\.)?|around|roughly|abt\.?|maybe|probably|between|at least|at most|up to|just under|just over|less than|more than|est(?:imated?|\.)?(?!\p{L})|perhaps)`;
const GIRTH = new RegExp(
  `(${GUESS}${S})?(${N})(${S}ish)?${S}(${U})?(?:${S}(to|or|and(?!\\p{L})|&|[-–—]|/)${S}(${N})${S}(${U})?)?(?:${S}[(=]${S}(${N}${S}${U})${S}\\)?)?(${S}(?:-?ish(?!\\p{L})|or so(?!\\p{L})|\\(est(?:imate|imated|\\.)?\\)|\\(approx\\.?\\)|est(?:imate|imated|\\.)?(?!\\p{L})|\\?))?`,
  'iuy',
);
/** The same length right after it in the other system of units: “16.5 cm 6 1/2 in”. */
const AGAIN = new RegExp(`${S}(${N}${S}${U})`, 'iuy');
const isMetric = (unit: string): boolean => /^(?:mm|milli|cm|centi|m$|met)/i.test(unit);

/** Of a girth told as one of two, how far these may be apart, mm: what is wider is of two things. */
const MOST_APART = 20;

const limits = { wrist: WRIST, hand: HAND } as const;

/** “6 and a half”, “six and a half”, as they are written in figures. */
const inFigures = (text: string): string =>
  text
    .replace(WORD_FIRST, (word) => String(4 + WRITTEN.indexOf(word.toLowerCase())))
    .replace(/ and (?:a|one) half/i, ' 1/2')
    .replace(/ and (?:a|one) quarter/i, ' 1/4')
    .replace(/ and three[ -]quarters?/i, ' 3/4');

/** Whether a word is a number written out. */
export const isWritten = (word: string): boolean => WRITTEN.includes(word);

/** A number and its unit as millimetres of a girth, or what is wrong with it. */
function read(number: string, unit: string, girth: Girth) {
  return parseGirth(inFigures(`${number}${unit ? ` ${unit}` : ''}`), girth);
}

/**
 * The girth that is written at a place of a line, perhaps a range, a guess, or the same length in two units; null where there is
 * none. A number without a unit is one only where nothing else can be meant, or where `named` says that a girth is.
 */
export function girthAt(
  text: string,
  at: number,
  which: 'wrist' | 'hand',
  named: boolean,
  unitOf = '',
): GirthFound | null {
  const found = matchAt(GIRTH, text, at);
  if (!found) return null;
  const [whole, guess, first, ish, ownUnit, joiner, second, secondUnit, dual, suffix] = found;
  const girth = limits[which];
  let to = at + whole.length;
  let unit = ownUnit ?? secondUnit ?? '';
  if (unit === '' && second === undefined && unitOf) unit = unitOf;
  // “16 cm / 18 cm” are two lengths, not one between them.
  const isRange =
    second !== undefined &&
    (!/^(?:and|&)$/i.test(joiner!) || /^between/i.test(guess ?? '')) &&
    !(joiner === '/' && ownUnit) &&
    (secondUnit !== undefined || ownUnit === undefined);
  // “15 cm - 9”: what follows is another field, unless it has a unit as well.
  if (second !== undefined && !isRange) {
    const short = matchAt(new RegExp(`(?:${GUESS}${S})?${N}(?:${S}ish)?${S}${U}`, 'iuy'), text, at);
    to = at + (short?.[0].length ?? first!.length);
  }
  const sure =
    unit !== '' ||
    named ||
    guess !== undefined ||
    ish !== undefined ||
    /[.,¼½¾⅓⅔⅛⅜⅝⅞/⁄]/.test(first!) ||
    (second !== undefined && /^(?:and|&|\/)$/i.test(joiner!) && /[.,¼½¾⅓⅔⅛⅜⅝⅞]/.test(second)) ||
    /or so|ish|est|approx/i.test(suffix ?? '') ||
    /^\d{3}$/.test(first!);
  if (!sure) return null;
  // Five millimetres are a cord; so is nothing else that no wrist could be in a unit that was written, but it is for the person.
  if (/^mm|^milli/i.test(unit) && Number(first!.replace(',', '.')) < 60) return null;
  const estimate = guess !== undefined || ish !== undefined || (suffix ?? '').trim() !== '';
  if (isRange && second !== undefined) {
    const [low, high] = [read(first!, unit || unitOf, girth), read(second, secondUnit ?? unit ?? unitOf, girth)];
    if (low.ok && high.ok && high.value.mm > low.value.mm)
      return {
        to,
        mm: (low.value.mm + high.value.mm) / 2,
        estimate: true,
        problem: null,
        // “165/190” may be a wrist and a hand.
        either: /^or$/i.test(joiner!) || (joiner === '/' && high.value.mm - low.value.mm > MOST_APART),
        ...(joiner === '/' && { ends: [low.value.mm, high.value.mm] as const }),
      };
    // No range of two girths: the first by itself.
    to =
      at +
      (guess?.length ?? 0) +
      first!.length +
      (ownUnit ? text.slice(at).indexOf(ownUnit) + ownUnit.length - (guess?.length ?? 0) - first!.length : 0);
  }
  let own = `${first}${unit ? ` ${unit}` : ''}`;
  if (dual) own = `${own} (${dual})`;
  else if (unit) {
    const again = matchAt(AGAIN, text, to);
    const other = again ? /[^\d\s.,/⁄¼½¾⅓⅔⅛⅜⅝⅞-]+$/.exec(again[1]!)?.[0] : undefined;
    if (again && other && isMetric(other) !== isMetric(unit)) {
      own = `${own} ${again[1]!}`;
      to += again[0].length;
    }
  }
  const reading = parseGirth(inFigures(own), girth);
  if (reading.ok) return { to, mm: reading.value.mm, estimate, problem: null, either: false };
  return {
    to,
    mm: null,
    estimate,
    problem: reading.fault.problem,
    either: false,
    ...(reading.fault.choices && { choices: reading.fault.choices.map(Math.round) }),
  };
}

/** An age as it stands in a line. */
export interface AgeFound {
  readonly to: number;
  readonly age: number | null;
  /** Why it is put to the person. */
  readonly ask: string | null;
}

const HALF = String.raw`(?:[ ]?[½¼¾]|[ ]1/2|[.,]5)?`;
const OLD = String.raw`(?:y/o|y\.o\.?|yo(?!\p{L})|yrs?(?!\p{L})\.?|years?(?!\p{L})|ans(?!\p{L})|jahre?(?!\p{L})|jaar(?!\p{L})|años(?!\p{L})|anni(?!\p{L})|y(?!\p{L}))(?:${S}old(?!\p{L}))?(?:${S}of age)?`;
const AGE = new RegExp(
  `(?:(nearly|almost|turning|soon|just)${S})?(?:(?:age|aged|ages)${S}[:=]?${S}(\\d{1,3})(${HALF})(?:ish(?!\\p{L})|${S}${OLD})?|(\\d{1,3})(${HALF})${S}-?${S}${OLD}|\\(${S}(\\d{1,2})(${HALF})(?:${S}${OLD})?${S}\\))`,
  'iuy',
);
/** An age that only the words before it say: “is 7½”, “nearly 9”. A unit after it says otherwise. */
const SAID = new RegExp(
  `(nearly|almost|turning|soon|just(?: turned)?|turned|is|s?he['’]s|(?:s?he|they) (?:is|are)|they['’]re)${S}(\\d{1,2})(${HALF})(?!${S}(?:${U}|[-–/½¼¾⅓⅔⅛⅜⅝⅞\\d]|[.,]\\d|ish))(?!${S}(?:to|or) \\d)`,
  'iuy',
);
/** A form or class at school is no age. */
const SCHOOL =
  /(?:year|yr|class|grade|form|reception|key stage|ks|y)[ ]?\d{1,2}(?!\d|[.,]\d|\s?(?:cm|mm|in))(?!\p{L})/iuy;

/** Ages of two, told together: “aged 10 and 12”, “10 & 12 years”, “10 and 12”. */
const AGES = new RegExp(
  `((?:age|aged|ages)${S}[:=]?${S})?(\\d{1,2})${S}(?:and(?!\\p{L})|und(?!\\p{L})|&)${S}(\\d{1,2})(?!\\d|[.,/]\\d|[½¼¾⅓⅔⅛⅜⅝⅞])(?!${S}(?:${U}|[½¼¾⅓⅔⅛⅜⅝⅞]|\\d))(${S}${OLD})?`,
  'iuy',
);

/** The ages of two at a place of a line; by bare numbers only where neither could be a wrist. Null where there are none. */
export function agesAt(text: string, at: number): { readonly to: number; readonly ages: readonly number[] } | null {
  const found = matchAt(AGES, text, at);
  if (!found) return null;
  const [whole, word, one, two, old] = found;
  const ages = [Number(one), Number(two)];
  const isWrist = (n: number): boolean => within(n, BARE_CM) || within(n, BARE_INCHES);
  if (word === undefined && old === undefined && ages.some(isWrist)) return null;
  return { to: at + whole.length, ages };
}

export function ageAt(text: string, at: number): AgeFound | null {
  const found = matchAt(AGE, text, at);
  if (!found) {
    const said = matchAt(SAID, text, at);
    return said && ageOf(said[0], Number(said[2]), /^(?:nearly|almost|turning|soon)$/i.test(said[1]!));
  }
  const [whole, almost, afterWord, , before, , inBrackets, half] = found;
  // “(16.5)” is a wrist in centimetres: who is grown counts no halves.
  if (/^[.,]/.test(half ?? '') && within(Number(inBrackets), BARE_CM) && !/\p{L}/u.test(whole)) return null;
  return ageOf(whole, Number(afterWord ?? before ?? inBrackets), almost !== undefined && !/just/i.test(almost));

  function ageOf(written: string, age: number, isAhead: boolean): AgeFound {
    const to = at + written.length;
    if (age > 120) return { to, age: null, ask: `“${written.trim()}” is no age` };
    if (!isAhead) return { to, age, ask: null };
    return { to, age: Math.max(0, age - 1), ask: `“${written.trim()}”: taken as ${age - 1} until the birthday` };
  }
}

export const schoolYearAt = (text: string, at: number): number | null => {
  const found = matchAt(SCHOOL, text, at);
  return found ? at + found[0].length : null;
};
