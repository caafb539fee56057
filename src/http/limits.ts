import { RateLimiterMemory } from 'rate-limiter-flexible';

/** Anything from one address on the network: a phone that counts fast stays far below it. */
const all = new RateLimiterMemory({ points: 600, duration: 60 });
/** Links and codes from one address that open nothing. */
const wrong = new RateLimiterMemory({ points: 10, duration: 60 });
/** Codes of tablets that were wrong, from everywhere together: whoever has many addresses guesses no faster. */
const codes = new RateLimiterMemory({ points: 40, duration: 60 });
const EVERYBODY = 'everybody';

const isSpent = async (limiter: RateLimiterMemory, key: string): Promise<boolean> => {
  const known = await limiter.get(key);
  return known !== null && known.remainingPoints <= 0;
};

/** Counts a request from an address; false where there were too many. */
export const mayAsk = (address: string): Promise<boolean> =>
  all.consume(address).then(
    () => true,
    () => false,
  );

/** Whether an address has been wrong too often, or everybody together about codes. */
export const isGuessing = async (address: string, isCode: boolean): Promise<boolean> =>
  (await isSpent(wrong, address)) || (isCode && (await isSpent(codes, EVERYBODY)));

/** Counts a link or code that opened nothing. */
export async function countWrong(address: string, isCode: boolean): Promise<void> {
  await wrong.penalty(address);
  if (isCode) await codes.penalty(EVERYBODY);
}
