import { MM_PER } from './units';

/** How the studio reads lengths: centimetres with one decimal, or inches with fractions. */
export type Units = 'cm' | 'in';

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

/**
 * A length as makers write it: `16.5 cm`, or inches to the nearest eighth, `6 ½ in`.
 *
 * @param mm millimetres, zero or more
 * @param rounding `up` for lengths to cut, where rounding down would cut short; `down` for what is there
 *
 * @example
 * formatLength(165.1, 'cm') // '16.5 cm'
 * formatLength(165.1, 'in') // '6 ½ in'
 */
export function formatLength(mm: number, units: Units, rounding: Rounding = 'nearest'): string {
  const round = ROUND[rounding];
  if (units === 'cm') return `${(round(mm) / 10).toFixed(1)} cm`;
  const eighths = round((mm / MM_PER.in) * 8);
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
  const [unit, name] = units === 'cm' ? [MM_PER.m, 'm'] : [MM_PER.yd, 'yd'];
  return mm < 2 * unit
    ? formatLength(mm, units, rounding)
    : `${(ROUND[rounding]((mm / unit) * 10) / 10).toFixed(1)} ${name}`;
}
