/** Forms of a day: `1 Dec`, `Tue 1 Dec`, `Tuesday 1 December`, `1 Dec 2026`, `Tue 1 Dec 2026`, `Tuesday 1 December 2026`. */
export type DayForm = 'short' | 'day' | 'long' | 'year' | 'dated' | 'full';

/** What is said of days around today, with `{n}` for their number: `in {n} weeks`, `{n} days ago`. */
export interface Relative {
  readonly words: string;
  readonly unit: 'day' | 'week' | 'month';
  readonly sign: 1 | -1;
}

/**
 * How people of a region write days, hours, numbers and money. Plain words and patterns, so that server and browser write
 * alike whatever each of them knows of languages.
 */
export interface Region {
  /** BCP 47, as `en-GB`. */
  readonly tag: string;
  /** Each form of a day: `{W}` `{WW}` the weekday, `{D}` `{DD}` the day, `{M}` `{MM}` the month by name, `{N}` `{NN}` by number, `{Y}` the year. */
  readonly days: Readonly<Record<DayForm, string>>;
  /** From January, as they stand beside a day. */
  readonly months: Readonly<Record<'short' | 'long', readonly string[]>>;
  /** From Sunday. */
  readonly weekdays: Readonly<Record<'short' | 'long', readonly string[]>>;
  /** Which of two numbers is the day's, as in 1/12. */
  readonly order: 'day first' | 'month first';
  /** `{HH}` of 24 hours, or `{h}` of 12 and `{p}`; `{m}` the minutes. */
  readonly time: string;
  /** Before and after noon, where hours are of 12. */
  readonly halves: readonly [string, string];
  readonly relative: readonly Relative[];
  /** Days with a name of their own, and how far from today they are. */
  readonly named: Readonly<Record<string, number>>;
  readonly decimal: string;
  readonly group: string;
  /** Digits before the decimal sign from which thousands are set apart. */
  readonly groupFrom: number;
  /** Digits of each further group after the last three: 3, or 2 where lakhs are counted, as in 12,34,567. */
  readonly groupOf: number;
  /** What stands around an amount, and its decimals; without a currency none is named. */
  readonly money: { readonly before: string; readonly after: string; readonly digits: number };
}
