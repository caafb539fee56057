import { done, not, type Result } from '../result';
import { scanNumber, type Misreading } from './scan-number';
import { MM_PER, unitOf, type Unit } from './units';

/** A length that was read: millimetres, never rounded, and its unit; null when none was written. */
export interface Length {
  readonly mm: number;
  readonly unit: Unit | null;
}

/** Why it was not; `choices` holds, for a dual entry whose halves disagree, the two lengths to choose from, mm. */
export interface LengthFault extends Misreading {
  readonly choices?: readonly [number, number];
}

/** A length as read from what someone wrote. */
export type LengthReading = Result<Length, LengthFault>;

/** Two halves of a dual entry may differ by what makers round off: 2.5 cm for an inch is 1.6 % out. */
const DUAL_TOLERANCE = 0.02;

/** One quantity, and where it ends. */
interface Quantity extends Length {
  readonly end: number;
}

const skipSpace = (text: string, at: number): number => at + /^\s*/.exec(text.slice(at))![0].length;

/** The unit written at `at`: letters (with a full stop), or inch and foot marks. */
function scanUnit(text: string, at: number): { unit: Unit | undefined; spelling: string; end: number } {
  const spelling = /^(?:''|′′|["″”“'′’]|\p{L}+\.?)/u.exec(text.slice(at))?.[0] ?? '';
  return { unit: unitOf(spelling), spelling, end: at + spelling.length };
}

const isMetric = (unit: Unit): boolean => unit === 'mm' || unit === 'cm' || unit === 'm';

/** One quantity, which may be compound: `5 ft 2 1/2 in`, `1 m 20 cm`. It ends where the other system of units begins. */
function scanQuantity(text: string, start: number, bare: Unit): Result<Quantity, Misreading> {
  let at = start;
  let mm = 0;
  let smallest: Unit | null = null;
  for (;;) {
    if (/[-−–]/.test(text[at] ?? '')) return not({ at, problem: 'A length cannot be negative' });
    const number = scanNumber(text, at);
    if (!number.ok) return number;
    const { number: n, end: numberEnd } = number.value;
    const unitAt = skipSpace(text, numberEnd);
    const { unit, spelling, end } = scanUnit(text, unitAt);
    if (spelling === '' || /^or$/i.test(spelling)) {
      if (smallest) return not({ at: unitAt, problem: 'A unit is missing after the second number' });
      return done({ mm: n * MM_PER[bare], unit: null, end: numberEnd });
    }
    if (!unit)
      return not({
        at: unitAt,
        problem: `“${spelling}” is not a unit of length known here; use mm, cm, m, in, ft or yd`,
      });
    if (smallest && isMetric(unit) !== isMetric(smallest)) return done({ mm, unit: smallest, end: at });
    if (smallest && MM_PER[unit] >= MM_PER[smallest]) {
      return not({ at: unitAt, problem: `${unit} cannot follow ${smallest} in one length` });
    }
    mm += n * MM_PER[unit];
    smallest = unit;
    const next = skipSpace(text, end);
    if (!/[\d.¼-¾⅐-⅞]/.test(text[next] ?? '')) return done({ mm, unit, end });
    at = next;
  }
}

/** Where the second half of a dual entry starts: after `(`, `/`, `=`, `≈` or `or`, or right with its number where it is after a unit. */
function dualStart(text: string, { end: at, unit }: Quantity): number | null {
  const found = (unit ? /^\s*(?:[(/=≈]|or\b|(?=[\d.¼-¾⅐-⅞]))\s*/i : /^\s*(?:[(/=≈]|or\b)\s*/i).exec(text.slice(at));
  return found ? at + found[0].length : null;
}

/**
 * Reads a length in any form a maker writes: `165`, `16.5 cm`, `16,5 cm`, `6 1/2 in`, `6½"`, `5 ft 2 in`, and dual entries
 * such as `165 mm (6 ½ in)` or `16.5 cm 6 ½ in`, whose halves must agree.
 *
 * @param text what was written
 * @param bare the unit of a number without one; millimetres unless said otherwise
 * @returns the length in millimetres (never rounded), or the problem and its position
 *
 * @example
 * parseLength('16,5 cm').value // { mm: 165, unit: 'cm' }
 * parseLength('16 cm wide').fault // { at: 6, problem: '“wide” is left over after the length' }
 */
export function parseLength(text: string, bare: Unit = 'mm'): LengthReading {
  const start = skipSpace(text, 0);
  if (start === text.length) return not({ at: 0, problem: 'A length is missing' });
  const one = scanQuantity(text, start, bare);
  if (!one.ok) return one;
  const first = one.value;
  if (first.mm <= 0) return not({ at: start, problem: 'A length must be more than zero' });

  const secondAt = dualStart(text, first);
  if (secondAt === null) {
    const rest = skipSpace(text, first.end);
    if (rest < text.length) return not({ at: rest, problem: `“${text.slice(rest)}” is left over after the length` });
    return done({ mm: first.mm, unit: first.unit });
  }
  const other = scanQuantity(text, secondAt, bare);
  if (!other.ok) return other;
  const second = other.value;
  const end = skipSpace(text, second.end);
  const rest = text.slice(end).replace(/^\)\s*/, '');
  if (rest) return not({ at: text.length - rest.length, problem: `“${rest}” is left over after the length` });

  const gap = Math.abs(first.mm - second.mm);
  const share = gap / Math.max(first.mm, second.mm);
  if (share > DUAL_TOLERANCE) {
    const [a, b] = [first.mm, second.mm].map((mm) => Number(mm.toFixed(1)));
    const problem = `The two halves disagree: ${a} mm against ${b} mm, ${gap.toFixed(0)} mm (${(share * 100).toFixed(0)} %) apart; keep the one that was measured`;
    return not({ at: secondAt, problem, choices: [first.mm, second.mm] });
  }
  return done({ mm: first.mm, unit: first.unit });
}
