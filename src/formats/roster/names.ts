import { isFiller, MAYBE, NOISE } from './words/line-words';
import type { Findings, Run } from './findings';
import { isNobody } from './words/nobody';
import { wordsIn } from './words/vocabulary';

/** Text in one line, without the marks around it. */
export const tidy = (text: string): string =>
  text
    .replace(/\s+/g, ' ')
    // Rows of dots lead to the next column; a mail’s address stands in pointed brackets.
    .replace(/\.{2,}|(?:^|\s)<(?=\s|$)/g, ' ')
    .replace(/^[\s,;:.()\]~≈!?"@–—-]+(?=[\p{L}\d<])|[\s,;:=(~≈!?–—-]+$/gu, '')
    // What closes and was not opened, or the other way round.
    .replace(/^([^(]*)\)$|^([^"]*\p{L})"([^"\d]*)$/u, '$1$2$3');
/** What is said of somebody after the name: “Kit and Lou want matching ones”. */
const WANTS =
  /(?<=^\p{Lu}.*\p{L}) ((?:wants?|wishes|would|will|needs?|likes?|loves?|prefers?|has|have|is|are|can|says?|makes?|takes?|does|can['’]t|cannot|won['’]t|doesn['’]t|mustn['’]t|isn['’]t|shouldn['’]t)(?!\p{L}) .*)$/u;
/** What stands in brackets before a name: “(waiting) Sal”. */
const BRACKET_AHEAD = /^\(?[\p{L} -]{2,30}\) (?=\p{Lu})/u;
const isSmallWord = (word: string): boolean => isFiller(word) || (NOISE.has(word) && /^\p{Ll}{2,}$/u.test(word));
/** Words around a name that are not of it: “can Joss come?”, “my son Ivo”, “Mia is”, “Priya (+1)”. */
export function bareName(text: string): string {
  // What was said before, in brackets, or of how many is not of the name.
  const said = text
    .replace(WANTS, '')
    .replace(/(?<=\p{L}),? who(?:['’]s| is)?(?: only)?$/iu, '')
    .replace(BRACKET_AHEAD, '')
    .replace(/^.*(?:[?!;:]|(?<!(?:^|[ .])(?:\p{Lu}|Mrs?|Ms|Dr|St|Prof|Rev))\.) (?=\p{Lu})/u, '')
    .replace(/^(?:hi|hello|hey)(?: there)?[,!. ]+(?=\p{Lu})/iu, '')
    .replace(/(?<=[\p{L}\d]) \(.*$/u, '')
    .replace(/(?<=\p{L}) [x×] ?[2-9]$/u, '')
    .replace(/(?<=\p{L}) ?\+ ?\d$/u, '')
    .replace(/(?<=\p{L}),? (?:both|each)$/u, '')
    .replace(/^and (?=\p{Lu})/u, '')
    .replace(/^(?:(?:a |one )?(?:place|seat|spot) )?(?:reserved |held |kept )?for (?=\p{Lu})/iu, '');
  const own = tidy(said.replace(/\s?\(\s?\+ ?\d\s?\)?/g, ''))
    .replace(/^(?:and )?(?:my|our|his|her) (?:\p{Ll}{2,12} )?(?=\p{Lu})/iu, '')
    .split(' ');
  if (!own.some((word) => /^\p{Lu}/u.test(word))) return own.join(' ');
  while (own.length > 1 && isFiller(own[0]!)) own.shift();
  while (own.length > 1 && isSmallWord(own.at(-1)!)) own.pop();
  return tidy(own.join(' '));
}
const wordsOf = (text: string): string[] => text.match(/[\p{L}\p{M}'’]+/gu) ?? [];
const hasLetter = (text: string): boolean => /\p{L}/u.test(text);
/** Whether words only hold a line together. */
export const onlyNoise = (text: string): boolean => {
  const words = wordsIn(text);
  return words.every((word) => NOISE.has(word));
};
/** Words that stand for somebody: “I’m 16 cm”, “he’s 12”. */
const STANDS_FOR = /^(?:i|me|we|us|he|she|they|him|her|them|it|(?:i|he|she|they|we|it)['’](?:m|s|re|ll|d|ve))$/i;
/** Whether words name somebody, and not only stand for them. */
export const namesOne = (text: string): boolean =>
  hasLetter(text) &&
  !onlyNoise(text) &&
  !wordsOf(text).every((word) => STANDS_FOR.test(word) || NOISE.has(word.toLowerCase()));
const CANCELLED_ALONE = /^(?:cancel(?:led|ed|lations?)?|withdrawn|dropped out|not coming)$/i;
/** Whether a run of words may be somebody’s name. */
export const isName = ({ text }: Run): boolean =>
  namesOne(text) && !isNobody(text) && !MAYBE.test(text.replace(BRACKET_AHEAD, '')) && !CANCELLED_ALONE.test(text);

/** Two names in one: “Ned and Polly Frame”, “Felicity & Jonah Bright”, “Ned/Polly Frame”; a surname given once is both’s. */
export function twoNames(name: string): [string, string] | null {
  const found =
    /^(\p{Lu}[\p{L}\p{M}'’.-]{0,40}) ?\/ ?(\p{Lu}[\p{L}\p{M}'’.-]{0,40}(?: \p{Lu}[\p{L}\p{M}'’.-]{0,40}){0,3})$/u.exec(
      name,
    ) ??
    /^(\p{Lu}[\p{L}\p{M}'’.-]{0,40}(?: \p{Lu}?[\p{L}\p{M}'’.-]{1,40}){0,3}) (?:and|&|\+|und|et|y) (?:(?:his|her|their|my) \p{Ll}{2,12} )?(\p{Lu}[\p{L}\p{M}'’.-]{0,40}(?: \p{Lu}?[\p{L}\p{M}'’.-]{1,40}){0,3})$/u.exec(
      name,
    );
  if (!found) return null;
  const [, one = '', two = ''] = found;
  const surname = two.split(' ').slice(1).join(' ');
  return [one.includes(' ') || surname === '' ? one : `${one} ${surname}`, two];
}

/** The name a line gives, and the runs that are not it. Where nothing but words of pieces or colours is left, one of those is a name. */
export function nameOf(found: Findings): { name: string; rests: Run[]; nameRun: Run | null } {
  const { named } = found;
  if (named) return { name: tidy(named.text).slice(0, 120), rests: found.runs, nameRun: named };
  const at = found.runs.findIndex(isName);
  if (at >= 0) {
    const nameRun = found.runs[at]!;
    const inBrackets = /(?:^\(?(?=[\p{L} -]{2,30}\) \p{Lu})|(?<=[\p{L}\d]) \()([^)]*\p{L}[^)]*)/u.exec(
      nameRun.text,
    )?.[1];
    if (inBrackets) found.notes.push(tidy(inBrackets));
    // What stands after the bracket is not lost with it.
    const tail = WANTS.exec(nameRun.text);
    const after = tail?.[1] ?? /(?<=\p{L}.*)\((?:.*)\)(.*[\p{L}\d].*)$/u.exec(nameRun.text)?.[1];
    const more = after ? [{ from: nameRun.to - after.length, to: nameRun.to, text: after }] : [];
    return {
      name: bareName(nameRun.text).slice(0, 120),
      rests: [...found.runs.filter((_, i) => i !== at), ...more],
      nameRun,
    };
  }
  const spare = [
    ...found.projects.filter(({ sure }) => !sure),
    ...found.colours.filter(({ name }) => /^\p{Lu}/u.test(name)),
  ].sort((a, b) => a.from - b.from)[0];
  return { name: '', rests: found.runs, nameRun: spare ? { from: spare.from, to: spare.to, text: '' } : null };
}
