import { sayFromSeat, seatProgress } from '../../../app/bench/seat-page';
import { OWN_WHATS, saidProblem } from '../../../core/bench';
import { Problem } from '../../../core/problem';
import { checkSaid } from '../../../http/checks';
import { reads, writes } from '../../../http/endpoint';
import { refuseFlood } from '../../../http/limits/entry-limit';
import { countingWrong } from '../../../http/limits/wrong';

export const GET = reads(({ params, locals }) => countingWrong(seatProgress(params.link ?? ''), locals));

export const POST = writes(checkSaid, async ({ entries: said }, { params: { link = '' }, locals }) => {
  for (const [i, one] of said.entries()) {
    const problem = OWN_WHATS.has(one.what) ? saidProblem(one) : `${one.what} is the instructor’s to say`;
    if (problem) throw new Problem(422, 'invalid', `Not understood: ${problem}.`, { pointer: `/entries/${i}/what` });
  }
  await refuseFlood(link, said);
  return countingWrong(sayFromSeat(link, said), locals);
});
