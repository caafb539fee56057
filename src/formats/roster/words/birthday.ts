import { matchAt } from './tokens';

const MONTHS = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ');
const MONTH = String.raw`(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)\p{L}{0,6}\.?`;
const DAY = String.raw`(\d{1,2})(?:st|nd|rd|th)?`;
const YEAR = String.raw`(\d{4}|['’]?\d{2})(?!\d)`;
const ISO = /(\d{4})-(\d{1,2})-(\d{1,2})(?!\d)/iuy;
const FIGURES = new RegExp(String.raw`(\d{1,2})[./-] ?(\d{1,2})[./-] ?${YEAR}`, 'iuy');
const DAY_FIRST = new RegExp(String.raw`${DAY}[ -](?:of )?${MONTH},?[ -]${YEAR}`, 'iuy');
const MONTH_FIRST = new RegExp(String.raw`${MONTH} ${DAY},? ${YEAR}`, 'iuy');

/** A birthday as it stands in a text: where it ends, and the days it may be, as “2015-04-03”. */
export interface Birthday {
  readonly to: number;
  readonly days: readonly string[];
}

/** A day of the calendar; none where there is no such day. */
function dayOf(year: number, month: number, day: number): string[] {
  const date = new Date(Date.UTC(year, month - 1, day));
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day ? [date.toISOString().slice(0, 10)] : [];
}

/** The birthday that is written at a place of a text; null where there is none. Of “3/4/15” it may be two days, of two centuries. */
export function birthdayAt(text: string, at: number): Birthday | null {
  const of = (found: RegExpExecArray, year: string, orders: readonly (readonly [month: number, day: number])[]) => {
    const figures = year.replace(/\D/g, '');
    const years = figures.length === 4 ? [Number(figures)] : [1900 + Number(figures), 2000 + Number(figures)];
    const days = years.flatMap((one) => orders.flatMap(([month, day]) => dayOf(one, month, day)));
    return days.length > 0 ? { to: at + found[0].length, days: [...new Set(days)] } : null;
  };
  const monthOf = (word: string): number => MONTHS.indexOf(word.toLowerCase()) + 1;
  const iso = matchAt(ISO, text, at);
  if (iso) return of(iso, iso[1]!, [[Number(iso[2]), Number(iso[3])]]);
  const figures = matchAt(FIGURES, text, at);
  if (figures) {
    const [one, two] = [Number(figures[1]), Number(figures[2])];
    return of(figures, figures[3]!, [
      [two, one],
      [one, two],
    ]);
  }
  const dayFirst = matchAt(DAY_FIRST, text, at);
  if (dayFirst) return of(dayFirst, dayFirst[3]!, [[monthOf(dayFirst[2]!), Number(dayFirst[1])]]);
  const monthFirst = matchAt(MONTH_FIRST, text, at);
  return monthFirst && of(monthFirst, monthFirst[3]!, [[monthOf(monthFirst[1]!), Number(monthFirst[2])]]);
}
