import { matchAt, tokensOf, type Token } from './tokens';
import type { Phrases } from './vocabulary';

/** Where some words end that are written from a place on, whatever marks stand between them; null where they are not. */
export function spells(text: string, from: number, words: readonly string[]): number | null {
  let at = from;
  for (const [n, word] of words.entries()) {
    if (n > 0) {
      const gap = /^[ \u00a0&'’.\u2010\u2011-]{1,4}/.exec(text.slice(at, at + 5));
      if (!gap) return null;
      at += gap[0].length;
    }
    const own = text.slice(at, at + word.length);
    if (own.toLowerCase() !== word) return null;
    at += word.length;
  }
  if (text[at]?.toLowerCase() === 's' && !/s$/.test(words.at(-1)!)) at += 1;
  return /[\p{L}\p{M}\d]/u.test(text[at] ?? ' ') ? null : at;
}

/** Whether a field ends at a place: a mark, a number, the end, or another phrase that is sure. */
export function endsField(text: string, to: number, phrases: Phrases): boolean {
  const rest = text.slice(to, to + 40);
  const next = /^\s*(\S?)/.exec(rest)![1]!;
  if (next === '' || /[,;|:/()\d!.–—-]/.test(next)) return true;
  const token = tokensOf(text, to, Math.min(text.length, to + 40))[0];
  return (
    token !== undefined &&
    (phrases.has(token.lower) || /^(?:age|aged|about|approx|wrist|hand|please|and)$/.test(token.lower))
  );
}

/** Who comes along without a name. */
const COMPANY = /\s(?:one|two|guest|friend|sister|brother|mum|dad)(?!\p{L})/iuy;

/** Whether a token is a mark between fields; `lead` while the words so far may be a name, whose full stops are its own. */
export function separates(line: string, { text, from, to, kind }: Token, lead: boolean): boolean {
  if (kind !== 'mark') return false;
  const before = line[from - 1] ?? ' ';
  const after = line[to] ?? ' ';
  if (text === ',' && /\d/.test(before) && /\d/.test(after)) return false;
  // “Jory + Nan Breck” are two names.
  if (text === '+' && lead && /^\s\p{Lu}\p{Ll}/u.test(line.slice(to, to + 3)) && !matchAt(COMPANY, line, to))
    return false;
  return (
    /[,;|]/.test(text) ||
    (/[-–—/•·+]/.test(text) && /\s/.test(before) && /\s/.test(after)) ||
    (/[:–—]/.test(text) && /\s/.test(after)) ||
    (text === '.' && /\s/.test(after) && !/\p{Lu}$/u.test(before) && !lead)
  );
}
