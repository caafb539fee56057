import { done, not } from '../result';
import { parseLength, type LengthReading } from './parse-length';
import { formatMm } from './format-length';
import { MM_PER } from './units';

/** A girth of the body that is measured for a piece, with the lengths (mm) that can be meant: outside them it is a slip. */
export interface Girth {
  readonly name: string;
  readonly min: number;
  readonly max: number;
}

/** From a small child's wrist to well past the largest adult's; wider than any age-band table, narrow enough to catch a slipped unit. */
export const WRIST: Girth = { name: 'wrist', min: 90, max: 280 };
/** The widest part of the closed hand. */
export const HAND: Girth = { name: 'hand', min: 110, max: 360 };

/**
 * Reads a girth of the body. A number without a unit is read in whichever of mm, cm and inches makes it a possible girth
 * (`16.5` is centimetres, `165` millimetres, `6½` inches); where two do, in the one that lengths are written in, and where nobody said which that is, the unit must be written.
 *
 * @param home the unit that this studio, or this list, writes lengths in
 *
 * @returns millimetres, or the problem and its position
 *
 * @example
 * parseGirth('16.5', WRIST).value // { mm: 165, unit: 'cm' }
 * parseGirth('11', WRIST, 'cm').value // { mm: 110, unit: 'cm' }
 * parseGirth('42', WRIST).ok // false
 */
export function parseGirth(text: string, girth: Girth, home?: 'cm' | 'in'): LengthReading {
  const reading = parseLength(text);
  if (!reading.ok) return reading;
  const { mm, unit } = reading.value;
  const possible = (own: number): boolean => own >= girth.min && own <= girth.max;
  if (unit !== null) {
    if (possible(mm)) return reading;
    return not({
      at: 0,
      problem: `${formatMm(mm)} cannot be a ${girth.name}: one is between ${girth.min} and ${girth.max} mm`,
    });
  }
  const units = (['mm', 'cm', 'in'] as const).filter((own) => possible(mm * MM_PER[own]));
  const read = units.length === 1 ? units[0] : units.find((own) => own === home);
  if (read) return done({ mm: mm * MM_PER[read], unit: read });
  const problem =
    units.length === 0
      ? `${text.trim()} is not a ${girth.name} in mm, cm or inches: one is between ${girth.min} and ${girth.max} mm`
      : `${text.trim()} could be ${units.join(' or ')}; write the unit`;
  return not({ at: 0, problem });
}
