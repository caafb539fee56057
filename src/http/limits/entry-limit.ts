import { RateLimiterMemory } from 'rate-limiter-flexible';
import type { Said } from '../../core/bench';
import { Problem } from '../../core/problem';

/** Entries of one seat in a minute from one link or tablet: a page sends up to 100 at once that it kept while it was offline. */
const entries = new RateLimiterMemory({ points: 120, duration: 60 });

/**
 * Refuses entries where a link or tablet sends too many of one seat in a minute.
 *
 * @param from the link or tablet: nobody without it can use up its count
 * @throws 429, after which a page sends them again later
 */
export async function refuseFlood(from: string, said: readonly Said[]): Promise<void> {
  const counts = new Map<string, number>();
  for (const { seat } of said) counts.set(seat ?? 'room', (counts.get(seat ?? 'room') ?? 0) + 1);
  for (const [seat, count] of counts) {
    const isBelow = await entries.consume(`${from}/${seat}`, count).then(
      () => true,
      () => false,
    );
    if (!isBelow) throw new Problem(429, 'too-much', 'Too many entries for one seat. They are kept and sent later.');
  }
}
