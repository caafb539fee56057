import { RateLimiterMemory } from 'rate-limiter-flexible';

/** Requests to the LAN listener from one address: forty phones behind one address stay below it. */
const requests = new RateLimiterMemory({ points: 3000, duration: 60 });
/** Links and codes from one address that opened nothing. */
const wrong = new RateLimiterMemory({ points: 10, duration: 60 });

const isBelow = (limiter: RateLimiterMemory, address: string): Promise<boolean> =>
  limiter.consume(address).then(
    () => true,
    () => false,
  );

/** Counts a request from an address; false where there were too many. */
export const mayAsk = (address: string): Promise<boolean> => isBelow(requests, address);

/**
 * Counts a link or code that opened nothing; false where that address had too many. Every link and code is tried all the same: a
 * right one always opens, so nobody can lock out the others behind an address. What keeps guesses hopeless is their length, with
 * `requests` as the most that one address can try: a link has 128 random bits; a code is one of 31^8 and lives five minutes, in which
 * 250 addresses at the limit try 3.75 million, 1 in 200,000 of them.
 */
export const countWrong = (address: string): Promise<boolean> => isBelow(wrong, address);
