import { done, not, type Result } from '../result';
import { monthsAfter, weekdayOf } from './days';
import { between, nearest, readDay, weekdayNamed, type ReadBy } from './read-day';
import { readTime } from './read-time';
import type { Region } from './region';
import { regionOf } from './region-of';
import { writeDay } from './write';

/** What was read: a day, an hour, or both. */
export interface When {
  readonly day?: string;
  readonly time?: string;
}

const HELP = 'Write a day as fri, 27.11., 27 Nov or in 2 weeks, and an hour as 18:30.';
const FILLERS = ['at', 'on', 'the', 'um', 'à', 'kl', 'kl.', 'uhr', '-', '–'];

/** An hour at the start of some words, where `6:30 pm` is two and `18 h 30` three; and how many it takes. */
function hour(words: readonly string[], region: Region): { take: number; time: string } | null {
  for (const take of [3, 2, 1]) {
    const time = words.length >= take ? readTime(words.slice(0, take).join(' '), region) : null;
    if (time) return { take, time };
  }
  return null;
}

/**
 * A day, an hour or both as somebody types them, in the region’s language or in English: `fri 18:30`, `27.11.`, `in 2 weeks`,
 * `tomorrow at 6pm`, `1 dec 2026`, `18:30`. Every word must be understood, and a weekday must fit its day.
 *
 * @param by what day it is, and whether days ahead or gone by are meant
 * @returns the day as `2026-11-27` and the hour as `18:30`, each where it was said; or what would do
 *
 * @example
 * readWhen('fri 18:30', { today: '2026-11-26', toward: 'ahead' }, regionOf('en-GB')).value // { day: '2026-11-27', time: '18:30' }
 * readWhen('27.11.', { today: '2026-11-26', toward: 'ahead' }, regionOf('en-GB')).value // { day: '2026-11-27' }
 */
export function readWhen(text: string, by: ReadBy, region: Region): Result<When> {
  const english = regionOf('en-GB');
  const regions = [region, english];
  const skipped = new Set([...FILLERS, ...between(regions)]);
  const words = text
    .toLowerCase()
    .replaceAll(',', ' ')
    // As 1. 12. 2026 is one day.
    .replace(/(?<![\d.])(\d{1,2})\.\s+(\d{1,2})\.(?:\s+(\d{4})\b)?/g, '$1.$2.$3')
    .split(/\s+/)
    .filter(Boolean);
  if (words.length === 0) return not(HELP);
  let day: string | undefined;
  let anyYear = false;
  let time: string | undefined;
  let weekday: number | undefined;
  for (let at = 0; at < words.length;) {
    const rest = words.slice(at);
    const word = rest[0]!;
    const named = weekday === undefined ? weekdayNamed(word, regions) : -1;
    // “Mar” is March and mardi: before a day of its own it is the weekday.
    const isWeekday = named >= 0 && rest.length > 1 && Boolean(readDay(rest.slice(1), by, regions)?.day);
    const read = day === undefined && !isWeekday ? readDay(rest, by, regions) : null;
    // A dot stands in dates as well: an hour only where no day can be meant.
    const clock = time === undefined && !read?.day ? hour(rest, region) : null;
    if (clock) ({ time } = clock);
    else if (read) {
      if (read.day === null) return not(`The calendar has no ${rest.slice(0, read.take).join(' ')}. ${HELP}`);
      day = read.day;
      anyYear = read.anyYear ?? false;
    } else if (named >= 0) weekday = named;
    else if (word === 'next')
      return not(`“Next” may be this week or the one after. Write the day itself, or in 1 week. ${HELP}`);
    else if (!skipped.has(word)) return not(`“${word}” is not read as a day or an hour. ${HELP}`);
    at += clock?.take ?? (read && !clock ? read.take : 1);
  }
  if (weekday !== undefined) {
    // Of a day without its year, the weekday may mean next year's, or last year's.
    const other = day !== undefined && anyYear ? monthsAfter(day, by.toward === 'ahead' ? 12 : -12) : undefined;
    if (other !== undefined && weekdayOf(day!) !== weekday && weekdayOf(other) === weekday) day = other;
    if (day !== undefined && weekdayOf(day) !== weekday)
      return not(
        `${writeDay(day, 'year', english)} is a ${english.weekdays.long[weekdayOf(day)]}, not a ${english.weekdays.long[weekday]}.`,
      );
    day ??= nearest(weekday, by);
  }
  if (day === undefined && time === undefined) return not(HELP);
  return done({ ...(day !== undefined && { day }), ...(time !== undefined && { time }) });
}
