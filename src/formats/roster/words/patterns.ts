import { GUESS, S } from './measures';
import { matchAt, type Token } from './tokens';

/** Addresses, numbers to call, money, hours, days and how tall somebody is: of a person, but not of a seat. */
const CONTACT =
  /[\p{L}\d._%+-]{1,64}@[\p{L}\d.-]{1,80}|https?:\/\/\S{1,200}|(?:tel|telephone|phone|mob|mobile|cell|whatsapp)\.?:?\s{0,2}\+?\d(?:[ -]?\d){4,14}|\+?\d(?:[ -]?\d){8,14}(?!\s?(?:cm|mm|in))|[£$€]\s?\d{1,5}(?:[.,]\d{2})?|\d{1,2}[:.]\d{2}\s?(?:am|pm)?(?=[\s,;.\])]|$)(?<!\d[.]\d{2})|[3-7]['’′] ?\d{1,2}(?:"|[”″]|''|(?![\d.,]))|\d{1,2}\/\d{1,2}\/\d{2,4}|\d{4}-\d{2}-\d{2}/iuy;
/** Words before a number to call. */
const CALLS = /^(?:tel|telephone|phone|mob|mobile|cell|whatsapp)$/;
/** Where an address or the like ends that begins at a token; null where none does. */
export function contactEnd(line: string, { kind, text, lower, from, to }: Token): number | null {
  const may = kind === 'word' ? CALLS.test(lower) || line[to] !== ' ' : kind === 'number' || /[+£$€]/.test(text);
  const found = may ? matchAt(CONTACT, line, from) : null;
  return found && from + found[0].length;
}
/** Whether a number stands in a bracket after words: “(my daughter, 6)”. */
export const saidInBrackets = (line: string, { from, to }: Token): boolean =>
  line[to] === ')' && /\([\p{L} ’',]{2,30} ?$/u.test(line.slice(Math.max(0, from - 34), from));
/** From the last sign of what came before to the next word: a tab or several spaces, with a number before or after. */
export const COLUMN_EDGE = /^\d\s*(?:\t|  )|(?:\t|  )\s*\d/;
export const HAND = new RegExp(
  `hand(?:s|${S}(?:girth|size|width|circ(?:umference)?\\.?|measures|is))?${S}[:=]?${S}`,
  'iuy',
);
export const WRIST = new RegExp(
  `wrist(?:s|${S}(?:size|girth|circ(?:umference)?\\.?|measures|is))?${S}[:=]?${S}`,
  'iuy',
);
export const LANYARD = /lanyards?(?!\p{L})/iuy;
export const GUESSED = new RegExp(`${GUESS}${S}[\\d¼½¾]`, 'iuy');
/** A length written on to the word before it: with a fraction or a unit it is no part of a name. */
export const GLUED = /^\p{L}{2}\d{1,3}(?:[.,]\d|\s?(?:cm|mm|in)(?!\p{L}))/u;
export const GLYPH = /^[¼½¾⅓⅔⅛⅜⅝⅞]$/;

/** Words that say a skill wherever they stand; any other does only where it stands alone. */
export const STRONG_SKILL = new Set(
  'beginner beginners novice newbie newcomer steady fluent experienced advanced intermediate expert confident improver skilled'.split(
    ' ',
  ),
);

/** Words in capitals throughout, as names are. */
export const NAME = /^(?:\p{Lu}[\p{L}\p{M}'’.-]{1,30} ?){1,4}$/u;
/** A name in capitals and its number, where more words follow. */
export const AFTER_NAME =
  /^((?:\p{Lu}[\p{L}\p{M}'’.-]{0,30} ){1,4}\d{1,2}) {1,3}(?=[\p{L}+&(])(?!(?:st|nd|rd|th)(?!\p{L}))/u;

/** People who are not named yet, and told apart by a number. */
export const NUMBERED =
  /(?:^| )(?:guest|child|kid|adult|person|participant|maker|pupil|student|visitor|attendee|friend|sibling|parent|place|seat|boy|girl) {1,3}\d{1,2}$/iu;

/** Words that lead to an age. */
export const TELLS_AGE = /^(?:age|aged|ages|nearly|almost|turning|turned|just|soon|is|s?he|they|s?he['’]s|they['’]re)$/;
