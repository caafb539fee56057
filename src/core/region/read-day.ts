import { daysAfter, daysBetween, isDay, isoOf, monthsAfter, weekdayOf } from './days';
import type { Region } from './region';

/** What a day is read by: what day it is, and whether days to come or gone are meant where the year is not said. */
export interface ReadBy {
  readonly today: string;
  readonly toward: 'ahead' | 'back';
}

/** A day read at the start of some words: how many of them, and which; null where the calendar has no such day. */
export interface DayRead {
  readonly take: number;
  readonly day: string | null;
  /** Whether its year was not said. */
  readonly anyYear?: boolean;
}

/** A day so near behind is meant itself, not the one of next year. */
const JUST_GONE = 60;
const COUNTS: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4 };
const bare = (word: string): string => word.replace(/\.$/, '');

/** Which of some names a word is, or begins, by three letters or as short as the names themselves are; -1 where none. */
function named(word: string, names: Region['months']): number {
  const wanted = bare(word);
  if (!/^\p{L}+/u.test(wanted)) return -1;
  const low = (list: readonly string[]): string[] => list.map((name) => bare(name.toLowerCase()));
  const exact = [...low(names.short), ...low(names.long)].indexOf(wanted);
  if (exact >= 0) return exact % names.long.length;
  const begun = low(names.long).flatMap((name, i) => (wanted.length >= 3 && name.startsWith(wanted) ? [i] : []));
  return begun.length === 1 ? begun[0]! : -1;
}

/** The year a day without one is meant in. */
function inYear(month: number, day: number, { today, toward }: ReadBy): string | null {
  const year = Number(today.slice(0, 4));
  const days = [year - 1, year, year + 1, year + 2, year + 3, year + 4, year - 2, year - 3, year - 4]
    .filter((one) => isDay(one, month, day))
    .map((one) => isoOf(one, month, day));
  const fits = days.filter((one) =>
    toward === 'ahead' ? daysBetween(today, one) > -JUST_GONE : daysBetween(today, one) <= 0,
  );
  return fits.sort((a, b) => Math.abs(daysBetween(today, a)) - Math.abs(daysBetween(today, b)))[0] ?? null;
}

const fullYear = (digits: string): number => (digits.length === 2 ? 2000 + Number(digits) : Number(digits));

/** A day in numbers: `2026-11-27`, `27.11.`, `27.11.26`, `27/11`, `11/27` where the month comes first; undefined where it is none. */
function inNumbers(word: string, by: ReadBy, region: Region): string | null | undefined {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(word)?.slice(1).map(Number);
  if (iso) return isDay(iso[0]!, iso[1]!, iso[2]!) ? isoOf(iso[0]!, iso[1]!, iso[2]!) : null;
  const found = /^(\d{1,2})([./-])(\d{1,2})(?:\2(\d{4}|\d{2})?)?$/.exec(word);
  if (!found) return undefined;
  const [a, b] = [Number(found[1]), Number(found[3])];
  const dayFirst = found[2] === '.' || region.order === 'day first';
  const orders = dayFirst
    ? ([
        [a, b],
        [b, a],
      ] as const)
    : ([
        [b, a],
        [a, b],
      ] as const);
  for (const [day, month] of found[2] === '.' ? orders.slice(0, 1) : orders) {
    const read = found[4]
      ? isDay(fullYear(found[4]), month, day) && isoOf(fullYear(found[4]), month, day)
      : inYear(month, day, by);
    if (read) return read;
  }
  return null;
}

/** A number of days, weeks or months from now, or before, as the region or English says it. */
function relative(words: readonly string[], { today }: ReadBy, regions: readonly Region[]): DayRead | null {
  for (const { words: way, unit, sign } of regions.flatMap((region) => region.relative)) {
    const parts = way.split(' ');
    const at = parts.indexOf('{n}');
    const count = words[at] ?? '';
    const n = /^\d{1,3}$/.test(count) ? Number(count) : COUNTS[count];
    // Two week: what is meant is clear.
    const isSaid = parts.every((part, i) => i === at || part === words[i] || part === `${words[i]}s`);
    if (n === undefined || !isSaid) continue;
    const away = n * sign;
    return {
      take: parts.length,
      day: unit === 'month' ? monthsAfter(today, away) : daysAfter(today, unit === 'week' ? 7 * away : away),
    };
  }
  return null;
}

/** What stands between the parts of a day, as in 1 de diciembre: words of the regions' patterns, and English ones. */
export const between = (regions: readonly Region[]): ReadonlySet<string> =>
  new Set([
    'of',
    ...regions
      .flatMap(({ days }) => Object.values(days))
      .flatMap((pattern) =>
        pattern
          .toLowerCase()
          .replace(/\{\w+\}[.,]*/g, ' ')
          .split(/[\s,]+/)
          .filter(Boolean),
      ),
  ]);

/** The next words that say something, each with how many words it takes to get there and past what says nothing. */
function telling(words: readonly string[], regions: readonly Region[]): { word: string; take: number }[] {
  const nothing = between(regions);
  return words.flatMap((word, i) => {
    if (i > 0 && nothing.has(word)) return [];
    const end = words.findIndex((other, j) => j > i && !nothing.has(other));
    return [{ word, take: end < 0 ? words.length : end }];
  });
}

/** A day and a month by name, in either order, with or without a year before or behind. */
function byName(given: readonly string[], by: ReadBy, regions: readonly Region[]): DayRead | null {
  const words = telling(given, regions);
  const yearIn = (word = ''): number | null => Number(/^(\d{4})\.?$/.exec(word)?.[1] ?? 0) || null;
  const before = yearIn(words[0]?.word);
  const [first, second, third] = before === null ? words : words.slice(1);
  if (!first || !second) return null;
  const month = (word: string): number => regions.map(({ months }) => named(word, months)).find((n) => n >= 0) ?? -1;
  const day = (word: string): number => Number(/^(\d{1,2})(?:st|nd|rd|th|\.)?$/.exec(word)?.[1] ?? 0);
  const found = [
    [day(first.word), month(second.word)],
    [day(second.word), month(first.word)],
  ].find(([d, m]) => d! > 0 && m! >= 0);
  if (!found) return null;
  const [d, m] = found as [number, number];
  const behind = before === null ? yearIn(third?.word) : null;
  const year = before ?? behind;
  return {
    take: (behind === null ? second : third!).take,
    anyYear: year === null,
    day: year === null ? inYear(m + 1, d, by) : isDay(year, m + 1, d) ? isoOf(year, m + 1, d) : null,
  };
}

/** Today, tomorrow, yesterday; in some languages two words. */
function calledBy(words: readonly string[], { today }: ReadBy, regions: readonly Region[]): DayRead | null {
  for (const [name, away] of regions.flatMap(({ named }) => Object.entries(named))) {
    const take = name.split(' ').length;
    if (words.slice(0, take).join(' ') === name) return { take, day: daysAfter(today, away) };
  }
  return null;
}

/**
 * A day at the start of some words, in lower case, as the region or as English writes it; null where none is there.
 *
 * @param regions the studio's, and English
 */
export function readDay(words: readonly string[], by: ReadBy, regions: readonly Region[]): DayRead | null {
  const numbers = inNumbers(words[0]!, by, regions[0]!);
  return (
    relative(words, by, regions) ??
    calledBy(words, by, regions) ??
    byName(words, by, regions) ??
    (numbers === undefined ? null : { take: 1, day: numbers, anyYear: !/\d{4}|[./-]\d{2}$/.test(words[0]!.slice(3)) })
  );
}

/** Which day of the week a word names, or -1. */
export const weekdayNamed = (word: string, regions: readonly Region[]): number =>
  regions.map(({ weekdays }) => named(word, weekdays)).find((n) => n >= 0) ?? -1;

/** The next such weekday, today counted in; or the last one. */
export function nearest(weekday: number, { today, toward }: ReadBy): string {
  const ahead = (weekday - weekdayOf(today) + 7) % 7;
  return daysAfter(today, toward === 'ahead' || ahead === 0 ? ahead : ahead - 7);
}
