import { done, not, type Result } from '../result';

/** What is wrong with what was written, and the position of the first character that does not fit. */
export interface Misreading {
  readonly at: number;
  readonly problem: string;
}

/** A number as written, and where it ends. */
export type NumberRead = Result<{ readonly number: number; readonly end: number }, Misreading>;

const GLYPHS: Record<string, number> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅐': 1 / 7,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

/** Runs a sticky pattern at a place. */
function matchAt(pattern: RegExp, text: string, at: number): RegExpExecArray | null {
  pattern.lastIndex = at;
  return pattern.exec(text);
}

/** The value of `n/d` when it is a proper fraction of a kind that rulers carry. */
function fraction(numerator: string, denominator: string, at: number, end: number): NumberRead {
  const n = Number(numerator);
  const d = Number(denominator);
  if (d === 0 || n >= d || n === 0 || d > 64) {
    return not({ at, problem: `“${numerator}/${denominator}” is not a fraction found on a ruler` });
  }
  return done({ number: n / d, end });
}

/**
 * Reads the number that starts at `at`: `16`, `16.5`, `16,5`, `6 1/2`, `6-1/2`, `6½`, `½`, `5/8`.
 * A comma before exactly three digits could be a thousand or a decimal, so it is refused.
 */
export function scanNumber(text: string, at: number): NumberRead {
  const lone = matchAt(/(\d+)\s*[/⁄]\s*(\d+)/y, text, at);
  if (lone) return fraction(lone[1]!, lone[2]!, at, at + lone[0].length);
  const glyph = GLYPHS[text[at] ?? ''];
  if (glyph !== undefined) return done({ number: glyph, end: at + 1 });

  const digits = matchAt(/\d+(?:[.,]\d+)?|\.\d+/y, text, at);
  if (!digits) return not({ at, problem: 'A number is expected here' });
  const end = at + digits[0].length;
  if (/[.,]/.test(text[end] ?? '') && /\d/.test(text[end + 1] ?? '')) {
    return not({ at: end, problem: 'One decimal point is enough' });
  }
  if (/,\d{3}$/.test(digits[0])) {
    const [whole, rest] = digits[0].split(',');
    return not({ at, problem: `“${digits[0]}” could be ${whole}${rest} or ${whole}.${rest}; write one of them` });
  }
  const value = Number(digits[0].replace(',', '.'));
  if (!/^\d+$/.test(digits[0])) return done({ number: value, end });

  const written = matchAt(/\s*-?\s*(\d+)\s*[/⁄]\s*(\d+)/y, text, end);
  if (written && /^[\s-]/.test(written[0])) {
    const part = fraction(written[1]!, written[2]!, end, end + written[0].length);
    return part.ok ? done({ ...part.value, number: value + part.value.number }) : part;
  }
  const drawn = matchAt(/\s*-?\s*([¼½¾⅐⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/y, text, end);
  if (drawn) return done({ number: value + GLYPHS[drawn[1]!]!, end: end + drawn[0].length });
  return done({ number: value, end });
}
