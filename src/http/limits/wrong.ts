import { Problem } from '../../core/problem';
import { countWrong } from './guesses';

/** Problems of a link or code that opens nothing. */
const WRONG: ReadonlySet<string> = new Set(['not-open', 'no-such-code']);

/**
 * What came of trying a link or code. One that opened nothing counts against the address that tried it on the LAN listener, and too
 * many are answered 429.
 */
export async function countingWrong<T>(tried: Promise<T>, { door, address = '' }: App.Locals): Promise<T> {
  try {
    return await tried;
  } catch (error) {
    if (door !== 'room' || !(error instanceof Problem) || !WRONG.has(error.code)) throw error;
    if (await countWrong(address)) throw error;
    throw new Problem(429, 'too-much', 'Too many wrong attempts from this device. Wait a minute.');
  }
}
