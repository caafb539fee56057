/** As many values as pages being rendered at one moment may need. */
const MOST = 50;
const lent = new Map<string, unknown>();

/**
 * Hands an island a value too large for its properties, which Astro escapes and hashes at every request. The page carries it
 * once as JSON text, in a script element of this id that is never run, for the browser to `borrow`.
 */
export function lend(id: string, value: unknown): void {
  lent.delete(id);
  lent.set(id, value);
  if (lent.size > MOST) lent.delete(lent.keys().next().value!);
}

/** The value lent under an id: on the server as it was lent, in the browser read from the page once. */
export function borrow<T>(id: string): T {
  if (typeof document !== 'undefined' && !lent.has(id))
    lent.set(id, JSON.parse(document.getElementById(id)!.textContent) as T);
  return lent.get(id) as T;
}
