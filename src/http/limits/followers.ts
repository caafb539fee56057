import { Problem } from '../../core/problem';

/** Event streams open at once from one address, and of one session: a room has 40 tablets and desks at most, each with a page or two. */
const [MAX_PER_CLIENT, MAX_PER_SESSION] = [80, 120];

const counts = new Map<string, number>();

const add = (key: string, by: number): void => {
  const count = (counts.get(key) ?? 0) + by;
  if (count > 0) counts.set(key, count);
  else counts.delete(key);
};

/**
 * Counts an event stream that is about to open, and answers how to uncount it.
 *
 * @throws 429 where the client or the session has too many
 */
export function countFollower(client: string, session: string): () => void {
  const keys = [`client ${client}`, `session ${session}`];
  const isOver = [MAX_PER_CLIENT, MAX_PER_SESSION].some((max, i) => (counts.get(keys[i]!) ?? 0) >= max);
  if (isOver)
    throw new Problem(429, 'too-many-streams', 'Too many screens follow this session. Close some and reload.');
  for (const key of keys) add(key, 1);
  let isCounted = true;
  return () => {
    if (!isCounted) return;
    isCounted = false;
    for (const key of keys) add(key, -1);
  };
}
