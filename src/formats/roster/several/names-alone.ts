import { NAMES, phraseOf } from '../columns';
import { headingOf } from '../headings';
import { MOST, type Line } from '../lines';
import { bareName, namesOne } from '../names';
import { findingsIn } from '../said';
import {
  isFiller,
  isGreeting,
  isHeading,
  isHeadingWord,
  isOrganisation,
  isSaying,
  PLUS_ONE,
} from '../words/line-words';
import { roleOf } from '../words/column-roles';
import type { Phrases } from '../words/vocabulary';
import { namesPerson, type Part } from './people-in';

/** What stands between names of several. */
const BETWEEN = /\s*(?:[,;/|&]|\+(?!\s?\d)|[,;]?\s+(?:and|und|et|y)(?!\p{L}))\s*/giu;
/** What joins two so that they are surely two, not a surname and a first name: “Osra and Pell”. */
const JOINS = /[/&+]|\p{L}/u;
const JOINED = /\s(?:and|und|et|y|&|\+)\s/iu;
/** Where what is said of them begins: “Osra, Pell and Marr: ring fobs”, “… (all new)”, “… 16 cm”, “… are coming”. */
const SAID_AFTER = /\s*[:(]|\s+[–—-]\s|\s+(?=\d|[~≈]|\p{Ll}{2,}(?!\p{L}))/u;
/** A name: words in capitals, and small ones between them. */
const CAPITALS =
  /^\p{Lu}[\p{L}\p{M}'’.-]{0,30}(?: (?:van|von|de|der|den|la|le|du|da|di|dos|bin|al|el|\p{Lu}[\p{L}\p{M}'’.-]{0,30})){0,3}$/u;
/** What heads a list of names on its own line: “Coming:”. */
const HEAD = /^[^:]{1,40}:\s*/u;
/** Who answered, and how. */
const ANSWER = /^(?:yes|no|ok|okay)\s*:/i;

interface Named extends Part {
  readonly text: string;
  /** Whether it is nobody’s name but a colour’s: “Rose”. */
  readonly isColour: boolean;
}

/** How far small words of a sentence go on before the names: “we have”. */
function smallWords(text: string): number {
  let to = 0;
  for (const { 0: word, index } of text.matchAll(/[\p{L}'’]{1,12} +/gu)) {
    if (index !== to || (namesOne(word) && !isFiller(word.trim()))) break;
    to += word.length;
  }
  return to;
}

/** How far a line goes on before its names, where that is nobody’s name: “Table 2:”, “Beginners:”, “we have”; null where it is somebody’s. */
function leadOf(text: string, phrases: Phrases): { readonly to: number; readonly heads: boolean } | null {
  const lead = HEAD.exec(text)?.[0];
  if (!lead || lead.search(BETWEEN) > 0) return { to: smallWords(text), heads: false };
  const role = roleOf(lead.replace(/:\s*$/, ''));
  // “Colours: Rose, Ruby” names nobody.
  if (role && !NAMES.has(role) && !ANSWER.test(lead)) return null;
  const isKnown = (word: string): boolean =>
    !namesOne(word) || isFiller(word) || isHeadingWord(word) || /^\d{1,2}\p{L}?$/u.test(word);
  const words = lead.toLowerCase().match(/[\p{L}\p{M}\d'’]+/gu) ?? [];
  if (words.every(isKnown)) return { to: lead.length, heads: true };
  const head = headingOf(lead, findingsIn(text, { from: 0, to: lead.length }, [], phrases), phrases);
  return head?.project || head?.skill || head?.coming ? { to: lead.length, heads: true } : null;
}

/** A name between two marks; null where it is none. */
function nameIn(text: string, from: number, isSmall: boolean, phrases: Phrases): Named | null {
  const shown = bareName(text.replace(PLUS_ONE, '').replace(/[?!.\s]+$/, ''));
  const words = shown.split(' ');
  const isWritten = isSmall ? /^[\p{Ll}\p{M}'’.-]{2,30}$/u.test(shown) : CAPITALS.test(shown.replace(', ', ' '));
  if (!isWritten || !namesPerson(words, isSmall) || isHeading(shown)) return null;
  // “Will Arden” is somebody, “Bring Scissors” is not.
  if (words.length > 1 && words[0] !== 'Will' && isFiller(words[0]!.toLowerCase())) return null;
  const means = phraseOf(shown, phrases);
  const isOther = means?.as === 'project' || means?.as === 'skill' || means?.as === 'skin';
  if (isOther || (means && words.length === 1 && (means.as !== 'colour' || isSmall))) return null;
  return { from, to: from + text.length, text: shown, isColour: means?.as === 'colour' && words.length === 1 };
}

/** Names one after the other from the beginning of a text, as far as they go. */
function namesOf(text: string, phrases: Phrases): { readonly names: readonly Named[]; readonly isJoined: boolean } {
  const isSmall = text === text.toLowerCase();
  const names: Named[] = [];
  let [at, isJoined, joins] = [0, false, false];
  // “Venn, Osra; Arden, Pell”: what a semicolon parts is one, by surname.
  const between = text.includes(';') && text.includes(',') ? /\s*;\s*/g : BETWEEN;
  for (const mark of [...text.matchAll(between), null]) {
    const field = text.slice(at, mark?.index ?? text.length);
    const end = isSmall ? -1 : field.search(SAID_AFTER);
    const own = end > 0 ? field.slice(0, end) : field;
    const name = nameIn(own, at, isSmall, phrases);
    if (!name && field.trim() !== '') break;
    if (name) names.push(name);
    isJoined ||= name !== null && joins;
    // What comes after a remark is no name of the list any more.
    if (end > 0 || !mark) break;
    joins = JOINS.test(mark[0]);
    at = mark.index + mark[0].length;
  }
  return { names, isJoined };
}

/**
 * The stretches of a line that names several people and gives no number to any, “Osra, Pell and Marr”, each from its name to the
 * next, the last with what is said at the end; none where it may be one, a surname and a first name, or no names at all.
 */
export function namesAlone(text: string, from: number, phrases: Phrases): Part[] {
  const own = text.slice(from);
  if (isGreeting(own) || isOrganisation(own) || (isSaying(own) && !ANSWER.test(own))) return [];
  const lead = leadOf(own, phrases);
  if (!lead) return [];
  const start = from + lead.to;
  const { names, isJoined } = namesOf(text.slice(start), phrases);
  const sure = names.filter(({ isColour }) => !isColour).length;
  const isFull = names.length === 2 && names.every((name) => name.text.includes(' '));
  const fewest = lead.heads ? 1 : isJoined || isFull ? 2 : 3;
  if (sure < Math.min(2, fewest) || names.length < fewest) return [];
  const isSmall = own === own.toLowerCase();
  if (isSmall && names.length < 3) return [];
  // Two who are joined are read together: what is said of them is of both, a surname too.
  if (names.length === 2 && isJoined) return [{ from: start, to: text.length }];
  return names.map((name, i) => ({
    from: start + name.from,
    to: i + 1 === names.length ? text.length : start + name.to,
  }));
}

/** Lines on which a name is the same as on another, in the same place, “Osra, Venn, Hilltop”: columns, and not several people. */
export function inColumns(lines: readonly Line[]): ReadonlySet<number> {
  const first = new Map<string, number>();
  const found = new Set<number>();
  for (const { number, text } of lines)
    for (const [i, field] of text.slice(0, MOST).split(',').entries()) {
      if (i === 0 || !CAPITALS.test(field.trim()) || JOINED.test(text)) continue;
      const key = `${i} ${field.trim().toLowerCase()}`;
      const other = first.get(key);
      if (other !== undefined) found.add(other).add(number);
      first.set(key, number);
    }
  return found;
}
