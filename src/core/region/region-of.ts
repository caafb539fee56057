import type { DayForm, Region, Relative } from './region';

/** Names and numbers are read in one calendar and in these digits, whatever else is usual there. */
const PLAIN = '-u-ca-gregory-nu-latn';
const FORMS: Readonly<Record<DayForm, Intl.DateTimeFormatOptions>> = {
  short: { day: 'numeric', month: 'short' },
  day: { weekday: 'short', day: 'numeric', month: 'short' },
  long: { weekday: 'long', day: 'numeric', month: 'long' },
  year: { day: 'numeric', month: 'short', year: 'numeric' },
  dated: { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' },
  full: { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' },
};
/** A day whose parts are all told apart: Friday, 4 September 2026. */
const PATTERN_DAY = new Date(2026, 8, 4);

type Parts = readonly Intl.DateTimeFormatPart[];
const partOf = (parts: Parts, type: string): string => parts.find((part) => part.type === type)?.value ?? '';
/** Spaces that do not break are for print; in a cell they only look alike. */
const plain = (words: string): string => words.replace(/[\u00a0\u202f]/g, ' ');

function patternOf(parts: Parts, width: 'short' | 'long'): string {
  const double = width === 'long';
  const tokens: Readonly<Record<string, (value: string) => string>> = {
    weekday: () => (double ? '{WW}' : '{W}'),
    day: (value) => (value.startsWith('0') ? '{DD}' : '{D}'),
    month: (value) => (/^\d+$/.test(value) ? (value.startsWith('0') ? '{NN}' : '{N}') : double ? '{MM}' : '{M}'),
    year: () => '{Y}',
  };
  const pattern = parts.map(({ type, value }) => tokens[type]?.(value) ?? plain(value)).join('');
  // An hour often stands behind it, after a comma of its own.
  return pattern.replace(/^\{W\}([^\s{]*), /, '{W}$1 ');
}

/** The names of a part of a date as they stand beside a day: many languages bend a month's. */
const names = (tag: string, part: 'month' | 'weekday', width: 'short' | 'long', days: readonly Date[]): string[] => {
  const format = new Intl.DateTimeFormat(tag, { [part]: width, day: 'numeric' });
  return days.map((day) => plain(partOf(format.formatToParts(day), part)));
};

function timeOf(tag: string): Pick<Region, 'time' | 'halves'> {
  const format = new Intl.DateTimeFormat(tag, { hour: 'numeric', minute: '2-digit' });
  const at = (hour: number): Parts => format.formatToParts(new Date(2026, 0, 1, hour, 45));
  const morning = at(9);
  const half = (hour: number): string => plain(partOf(at(hour), 'dayPeriod'));
  // Of 24 hours each has two digits, so that they stand under each other.
  const hour = half(9) ? '{h}' : '{HH}';
  const tokens: Readonly<Record<string, string>> = { hour, minute: '{m}', dayPeriod: '{p}' };
  return {
    time: morning.map(({ type, value }) => tokens[type] ?? plain(value)).join(''),
    halves: [half(9), half(18)],
  };
}

function relativeOf(tag: string): Pick<Region, 'relative' | 'named'> {
  const format = new Intl.RelativeTimeFormat(tag);
  const relative = (['day', 'week', 'month'] as const).flatMap((unit) =>
    ([1, -1] as const).flatMap((sign) =>
      // One, two and five are bent each in its way.
      [1, 2, 5].map((n): Relative => {
        const parts = format.formatToParts(n * sign, unit);
        const words = parts.map((part) => (part.type === 'integer' ? '{n}' : plain(part.value))).join('');
        return { words: words.toLocaleLowerCase(tag), unit, sign };
      }),
    ),
  );
  const named = new Intl.RelativeTimeFormat(tag, { numeric: 'auto' });
  return {
    relative: relative.filter(({ words }, i) => relative.findIndex((other) => other.words === words) === i),
    named: Object.fromEntries(
      [-1, 0, 1].map((away) => [plain(named.format(away, 'day')).toLocaleLowerCase(tag), away]),
    ),
  };
}

function moneyOf(tag: string, currency: string | undefined): Region['money'] {
  if (!currency) return { before: '', after: '', digits: 2 };
  const format = new Intl.NumberFormat(tag, { style: 'currency', currency });
  const parts = format.formatToParts(1);
  const first = parts.findIndex(({ type }) => type === 'integer');
  const last = parts.findLastIndex(({ type }) => type === 'integer' || type === 'fraction');
  const words = (some: typeof parts): string => plain(some.map(({ value }) => value).join(''));
  return {
    before: words(parts.slice(0, first)),
    after: words(parts.slice(last + 1)),
    digits: format.resolvedOptions().maximumFractionDigits ?? 2,
  };
}

function made(region: string, currency: string | undefined): Region {
  const tag = `${region}${PLAIN}`;
  const months = Array.from({ length: 12 }, (_, i) => new Date(2026, i, 1));
  // The first of November 2026 is a Sunday.
  const week = Array.from({ length: 7 }, (_, i) => new Date(2026, 10, 1 + i));
  const both = (part: 'month' | 'weekday', days: readonly Date[]): Record<'short' | 'long', string[]> => ({
    short: names(tag, part, 'short', days),
    long: names(tag, part, 'long', days),
  });
  const forms = Object.entries(FORMS).map(([form, options]): [string, string] => {
    const parts = new Intl.DateTimeFormat(tag, options).formatToParts(PATTERN_DAY);
    return [form, patternOf(parts, options.month as 'short' | 'long')];
  });
  const numbers = new Intl.DateTimeFormat(tag, { day: 'numeric', month: 'numeric' }).formatToParts(PATTERN_DAY);
  const thousands = (n: number): Intl.NumberFormatPart[] => new Intl.NumberFormat(tag).formatToParts(n);
  const sign = (type: string): string => plain(thousands(12_345.5).find((part) => part.type === type)?.value ?? '');
  return {
    tag: region,
    days: Object.fromEntries(forms) as Record<DayForm, string>,
    months: both('month', months),
    weekdays: both('weekday', week),
    order:
      numbers.findIndex(({ type }) => type === 'day') < numbers.findIndex(({ type }) => type === 'month')
        ? 'day first'
        : 'month first',
    ...timeOf(tag),
    ...relativeOf(tag),
    decimal: sign('decimal'),
    group: sign('group'),
    groupFrom: thousands(1234.5).some(({ type }) => type === 'group') ? 4 : 5,
    groupOf:
      thousands(123_456_789)
        .filter(({ type }) => type === 'integer')
        .at(-2)?.value.length ?? 3,
    money: moneyOf(tag, currency),
  };
}

const known = new Map<string, Region>();

/**
 * How a region writes, as the machine that is asked knows it (Unicode CLDR, by Intl).
 *
 * @param tag language and region, BCP 47: `en-GB`, `de-AT`
 * @param currency ISO 4217; left out, money is written without one
 *
 * @example
 * regionOf('de-DE', 'EUR').decimal // ','
 */
export function regionOf(tag: string, currency?: string): Region {
  const key = `${tag} ${currency ?? ''}`;
  const region = known.get(key) ?? made(tag, currency);
  known.set(key, region);
  return region;
}
