/** Days as numbers, so that they can be counted: a day of the calendar, wherever one is. */
const DAY_MS = 86_400_000;
/** A number of a day or an hour in two digits. */
export const two = (n: number): string => String(n).padStart(2, '0');

export const isoOf = (year: number, month: number, day: number): string => `${year}-${two(month)}-${two(day)}`;

const numberOf = (iso: string): number => Date.parse(`${iso.slice(0, 10)}T00:00:00Z`) / DAY_MS;

/**
 * A day so many days after another.
 *
 * @example
 * daysAfter('2026-11-26', 7) // '2026-12-03'
 */
export const daysAfter = (iso: string, days: number): string =>
  new Date((numberOf(iso) + days) * DAY_MS).toISOString().slice(0, 10);

/**
 * How many days from one day to another; negative where it lies before.
 *
 * @example
 * daysBetween('2026-11-26', '2026-12-03') // 7
 */
export const daysBetween = (from: string, to: string): number => numberOf(to) - numberOf(from);

/** The same day of another month, or that month's last where it has none. */
export function monthsAfter(iso: string, months: number): string {
  const [year, month, day] = iso.split('-').map(Number) as [number, number, number];
  const first = new Date(Date.UTC(year, month - 1 + months, 1));
  const last = new Date(Date.UTC(year, month + months, 0)).getUTCDate();
  return isoOf(first.getUTCFullYear(), first.getUTCMonth() + 1, Math.min(day, last));
}

/** Whether the calendar has such a day. */
export function isDay(year: number, month: number, day: number): boolean {
  const date = new Date(Date.UTC(year, month - 1, day));
  return month >= 1 && month <= 12 && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
}

/** The day of the week, from Sunday, 0. */
export const weekdayOf = (iso: string): number => (((numberOf(iso) + 4) % 7) + 7) % 7;
