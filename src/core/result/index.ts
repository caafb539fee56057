/** What came of something that may not be done: its value, or what keeps it from being done. */
export type Result<Value, Why = string> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly fault: Why };

/**
 * It was done: with what came of it.
 *
 * @example
 * done(3) // { ok: true, value: 3 }
 */
export const done = <Value>(value: Value): { readonly ok: true; readonly value: Value } => ({ ok: true, value });
/**
 * It was not: with what keeps it from being done.
 *
 * @example
 * not('too short') // { ok: false, fault: 'too short' }
 */
export const not = <Why>(fault: Why): { readonly ok: false; readonly fault: Why } => ({ ok: false, fault });

/** What is wrong in a document, in words that say what would do, and where, as a JSON pointer. */
export interface Fault {
  readonly error: string;
  readonly at: string;
}

/**
 * What went wrong, in its own words.
 *
 * @example
 * messageOf(new Error('no room')) // 'no room'
 */
export const messageOf = (failed: unknown): string => (failed instanceof Error ? failed.message : String(failed));
