import { two } from './days';
import type { DayForm, Region } from './region';

/**
 * A day as people of the region write it.
 *
 * @param iso `2026-12-01`; what stands behind it, as the hour of a moment, is let be
 *
 * @example
 * writeDay('2026-12-01', 'day', regionOf('en-GB')) // 'Tue 1 Dec'
 * writeDay('2026-12-01', 'full', regionOf('de-DE')) // 'Dienstag, 1. Dezember 2026'
 */
export function writeDay(iso: string, form: DayForm, region: Region): string {
  const [year, month, day] = iso.slice(0, 10).split('-').map(Number) as [number, number, number];
  const weekday = new Date(Date.UTC(year, month - 1, day)).getUTCDay();
  const tokens: Readonly<Record<string, string>> = {
    W: region.weekdays.short[weekday]!,
    WW: region.weekdays.long[weekday]!,
    D: String(day),
    DD: two(day),
    M: region.months.short[month - 1]!,
    MM: region.months.long[month - 1]!,
    N: String(month),
    NN: two(month),
    Y: String(year),
  };
  return region.days[form].replace(/\{([WDMNY]+)\}/g, (_, token: string) => tokens[token] ?? '');
}

/**
 * An hour of the day as people of the region write it.
 *
 * @param time `18:30`
 *
 * @example
 * writeTime('18:30', regionOf('en-GB')) // '18:30'
 * writeTime('18:30', regionOf('en-US')) // '6:30 PM'
 */
export function writeTime(time: string, region: Region): string {
  const [hour, minute] = time.split(':') as [string, string];
  const tokens: Readonly<Record<string, string>> = {
    HH: hour,
    h: String(Number(hour) % 12 || 12),
    m: minute,
    p: region.halves[Number(hour) < 12 ? 0 : 1],
  };
  return region.time.replace(/\{(HH|[hmp])\}/g, (_, token: string) => tokens[token] ?? '');
}

/**
 * A number as people of the region write it, to so many decimals.
 *
 * @example
 * writeNumber(12_345.678, regionOf('de-DE'), 1) // '12.345,7'
 * writeNumber(1_234_567, regionOf('en-IN')) // '12,34,567'
 */
export function writeNumber(n: number, region: Region, decimals = 0): string {
  const [whole, rest] = Math.abs(n).toFixed(decimals).split('.') as [string, string?];
  const between = region.groupOf === 2 ? /\B(?=(\d{2})*\d{3}$)/g : /\B(?=(\d{3})+$)/g;
  const grouped = whole.length < region.groupFrom ? whole : whole.replace(between, region.group);
  const isNought = Number(n.toFixed(decimals)) === 0;
  return `${n < 0 && !isNought ? '−' : ''}${grouped}${rest ? region.decimal + rest : ''}`;
}

/**
 * Money in the studio's currency, named as people of the region name it.
 *
 * @param minor minor units: cents, or whole yen
 *
 * @example
 * writeMoney(1250, regionOf('en-GB', 'EUR')) // '€12.50'
 * writeMoney(1250, regionOf('de-DE', 'EUR')) // '12,50 €'
 */
export function writeMoney(minor: number, region: Region): string {
  const { before, after, digits } = region.money;
  return `${minor < 0 ? '−' : ''}${before}${writeNumber(Math.abs(minor) / 10 ** digits, region, digits)}${after}`;
}
