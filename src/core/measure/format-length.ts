import { MM_PER } from './units';

/** How lengths are written: centimetres with one decimal, behind a point or a comma, or inches with fractions. */
export type Units = 'cm' | 'cm,' | 'in';

const written = (n: number, units: Units): string => (units === 'cm,' ? n.toFixed(1).replace('.', ',') : n.toFixed(1));

/**
 * The unit of a number that is typed without one.
 *
 * @example
 * bareUnit('cm,') // 'cm'
 */
export const bareUnit = (units: Units): 'cm' | 'in' => (units === 'in' ? 'in' : 'cm');

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;

export type Rounding = 'nearest' | 'up' | 'down';

/** A hair of tolerance, so that a length already on the ruler's mark is not pushed to the next one. */
const ROUND: Record<Rounding, (value: number) => number> = {
  nearest: Math.round,
  up: (value) => Math.ceil(value - 1e-6),
  down: (value) => Math.floor(value + 1e-6),
};

/**
 * A length in millimetres with at most one decimal: `165 mm`, `4.9 mm`.
 *
 * @example
 * formatMm(165.125) // '165.1 mm'
 */
export function formatMm(mm: number): string {
  return `${Number(mm.toFixed(1))} mm`;
}

/** What is shorter than an eighth is written in thirty-seconds, as rulers have them: never as nothing. */
const SMALL = ['1/32', '1/16', '3/32'] as const;

/**
 * A length as makers write it: `16.5 cm`, or inches to the nearest eighth, `6 ½ in`; under an eighth `1/16 in`.
 *
 * @param mm millimetres, zero or more
 * @param rounding `up` for lengths to cut, where rounding down would cut short; `down` for what is there
 *
 * @example
 * formatLength(165.1, 'cm') // '16.5 cm'
 * formatLength(165.1, 'cm,') // '16,5 cm'
 * formatLength(165.1, 'in') // '6 ½ in'
 * formatLength(1.5, 'in') // '1/16 in'
 */
export function formatLength(mm: number, units: Units, rounding: Rounding = 'nearest'): string {
  const round = ROUND[rounding];
  if (units !== 'in') return `${written(round(mm) / 10, units)} cm`;
  const inches = mm / MM_PER.in;
  const eighths = round(inches * 8);
  const parts = round(inches * 32);
  if (mm > 0 && eighths === 0) return `${SMALL[Math.max(1, parts) - 1]} in`;
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8]!;
  return `${[whole || part === '' ? whole : '', part].filter((s) => s !== '').join(' ')} in`;
}

/**
 * A total of cord: metres or yards with one decimal from two of them up, as a length below that.
 *
 * @example
 * formatTotal(12_340, 'cm') // '12.4 m'
 */
export function formatTotal(mm: number, units: Units, rounding: Rounding = 'up'): string {
  const [unit, name] = units === 'in' ? [MM_PER.yd, 'yd'] : [MM_PER.m, 'm'];
  return mm < 2 * unit
    ? formatLength(mm, units, rounding)
    : `${written(ROUND[rounding]((mm / unit) * 10) / 10, units)} ${name}`;
}
