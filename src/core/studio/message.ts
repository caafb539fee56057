/** What a sentence speaks of, by name: numbers, names, and lists of names. */
export type Values = Readonly<Record<string, number | string | readonly string[] | null>>;

/**
 * Something the instructor should know about a seat. An `error` must be put right before cutting; a `warning` wants a look;
 * `info` is said once. `code` is stable and machine readable, `text` says what clashes and what would work, and `values` are what it
 * speaks of, lengths in mm, so that it can be said in other words.
 */
export interface Message {
  readonly level: 'error' | 'warning' | 'info';
  readonly code: string;
  readonly text: string;
  readonly values: Values;
}
