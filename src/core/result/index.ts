/** What came of something that may not be done: its value, or what keeps it from being done. */
export type Result<Value, Why = string> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly fault: Why };

export const done = <Value>(value: Value): { readonly ok: true; readonly value: Value } => ({ ok: true, value });
export const not = <Why>(fault: Why): { readonly ok: false; readonly fault: Why } => ({ ok: false, fault });

/** What is wrong in a document, in words that say what would do, and where, as a JSON pointer. */
export interface Fault {
  readonly error: string;
  readonly at: string;
}
