import type { Values } from './message';

/**
 * Where a length comes from. `text` says it in words a maker can check; `code` is stable, `values` are what it speaks of, lengths in
 * mm, and `of` what it is made of in its turn, so that it can be said in other words.
 */
export interface Origin {
  readonly code: string;
  readonly values: Values;
  readonly text: string;
  readonly of?: readonly Origin[];
}

/**
 * An origin, as short to write as the words alone.
 *
 * @example
 * origin('as-taken', {}, 'as taken') // { code: 'as-taken', values: {}, text: 'as taken' }
 */
export function origin(code: string, values: Values, text: string, of: readonly Origin[] = []): Origin {
  return of.length > 0 ? { code, values, text, of } : { code, values, text };
}
