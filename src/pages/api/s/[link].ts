import type { APIContext } from 'astro';
import { sayFromSeat, seatProgress } from '../../../app/bench/seat-page';
import { OWN_WHATS, saidProblem } from '../../../core/bench';
import { Problem } from '../../../core/problem';
import { checkSaid } from '../../../http/checks';
import { reads, writes } from '../../../http/endpoint';
import { countWrong } from '../../../http/limits';

/** Counts a link that opens nothing against the address that tried it, at the door to the room. */
async function counted<T>(work: Promise<T>, { locals, clientAddress }: APIContext): Promise<T> {
  try {
    return await work;
  } catch (error) {
    if (locals.door === 'room' && error instanceof Problem && error.code === 'not-open')
      await countWrong(clientAddress);
    throw error;
  }
}

export const GET = reads((context) => counted(seatProgress(context.params.link ?? ''), context));

export const POST = writes(checkSaid, ({ entries: said }, context) => {
  for (const [i, one] of said.entries()) {
    const problem = OWN_WHATS.has(one.what) ? saidProblem(one) : `${one.what} is the instructor’s to say`;
    if (problem) throw new Problem(422, 'invalid', `Not understood: ${problem}.`, { pointer: `/entries/${i}/what` });
  }
  return counted(sayFromSeat(context.params.link ?? '', said), context);
});
