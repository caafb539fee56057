import { RateLimiterMemory } from 'rate-limiter-flexible';

/** Anything from one address on the network: forty phones behind one address stay below it. */
const all = new RateLimiterMemory({ points: 3000, duration: 60 });
/** Links and codes from one address that open nothing. */
const wrong = new RateLimiterMemory({ points: 10, duration: 60 });
/** Codes of tablets that were wrong, from everywhere together: whoever has many addresses guesses no faster. */
const codes = new RateLimiterMemory({ points: 40, duration: 60 });
const EVERYBODY = 'everybody';

const counts = (limiter: RateLimiterMemory, key: string): Promise<boolean> =>
  limiter.consume(key).then(
    () => true,
    () => false,
  );

/** Counts a request from an address; false where there were too many. */
export const mayAsk = (address: string): Promise<boolean> => counts(all, address);

/** Whether an address has been wrong too often. */
export async function isGuessing(address: string): Promise<boolean> {
  const known = await wrong.get(address);
  return known !== null && known.remainingPoints <= 0;
}

/** Counts a link that opened nothing. */
export async function countWrong(address: string): Promise<void> {
  await wrong.penalty(address);
}

/** Counts a code that is about to be tried, however many are at once; false where there were too many. */
export const mayTryCode = async (address: string): Promise<boolean> =>
  (await counts(wrong, address)) && (await counts(codes, EVERYBODY));

/** Takes back the count of a code that was right. */
export async function codeWasRight(address: string): Promise<void> {
  await wrong.reward(address);
  await codes.reward(EVERYBODY);
}
