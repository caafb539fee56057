/**
 * Something that keeps a use case from being done, in words for the person who asked: what is wrong and what would do.
 * `pointer` names the field at fault as a JSON pointer; `current` is what stands now, where an edit came too late.
 */
export class Problem extends Error {
  constructor(
    readonly status: 400 | 403 | 404 | 409 | 410 | 413 | 415 | 422 | 429 | 503,
    readonly code: string,
    message: string,
    readonly more: { readonly pointer?: string; readonly current?: unknown } = {},
  ) {
    super(message);
  }
}

/**
 * That there is no such thing, or none any more.
 *
 * @example
 * notFound('session').status // 404
 */
export const notFound = (what: string): Problem =>
  new Problem(404, 'not-found', `There is no such ${what}; it may have been deleted.`);

/**
 * That somebody else changed it since; `current` is what stands now.
 *
 * @example
 * stale('seat', { version: 2 }).more.current.version // 2
 */
export const stale = (what: string, current: unknown): Problem =>
  new Problem(409, 'stale', `Someone else changed this ${what} since you opened it.`, { current });
