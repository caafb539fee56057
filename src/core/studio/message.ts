/**
 * Something the instructor should know about a seat. An `error` must be put right before cutting; a `warning` wants a look;
 * `info` is said once. `code` is stable and machine readable, `text` says what clashes and what would work.
 */
export interface Message {
  readonly level: 'error' | 'warning' | 'info';
  readonly code: string;
  readonly text: string;
}
