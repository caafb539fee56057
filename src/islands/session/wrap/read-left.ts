import { bareUnit, formatLength, parseLength, type Units } from '../../../core/measure';
import { FINISHES, FITS, type Left } from '../../../core/record';

/** What was left, as it is written: each end by its length, the unit said once; or that it ran short, and where. */
export const leftWords = (left: Left | null | undefined, units: Units): string =>
  !left
    ? ''
    : 'mm' in left
      ? left.mm
          .map((mm) => formatLength(mm, units))
          .join('; ')
          .replace(/ (?:cm|in)(?=;)/g, '')
      : `short${left.at ? ` at ${left.at}` : ''}`;

const NOTHING = /^\s*0+(?:[.,]0+)?\s*(?:mm|cm|m|in|"|″)?\s*$/i;

/** Reads what was left: `12; 9`, `12 + 9`, `0`, `short`, `short at 22`; or what is wrong with it. */
export function readLeft(text: string, units: Units): { readonly left: Left | null } | { readonly problem: string } {
  const written = text.trim();
  if (written === '') return { left: null };
  const short = /^(?:ran\s+)?s(?:hort)?(?:\s+(?:at\s+)?(.*))?$/i.exec(written);
  if (short) return { left: { short: true, at: (short[1] ?? '').slice(0, 60) } };
  const mm: number[] = [];
  for (const part of written.split(/[;+]|,(?!\d)/)) {
    // Nothing left of an end is a length here, as it is nowhere else.
    if (NOTHING.test(part)) {
      mm.push(0);
      continue;
    }
    const reading = parseLength(part, bareUnit(units));
    if (!reading.ok) return { problem: `${reading.fault.problem}: “${part.trim()}”. Or: short at 22` };
    mm.push(Math.round(reading.value.mm));
  }
  return { left: { mm } };
}

/** One of some words by how it begins: `r` is right. Null for nothing written, undefined where none begins so. */
function begins<T extends string>(words: readonly T[], text: string): T | null | undefined {
  const written = text.trim().toLowerCase();
  return written === '' ? null : words.find((word) => word.startsWith(written));
}

export const readFits = (text: string) => begins(FITS, text);
/** `h` is at home too. */
export const readFinished = (text: string) =>
  /^h(o(m(e)?)?)?$/i.test(text.trim()) ? 'at home' : begins(FINISHES, text);
