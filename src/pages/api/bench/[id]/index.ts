import { openBench } from '../../../../app/bench/open-bench';
import { sayAtBench } from '../../../../app/bench/say';
import { saidProblem } from '../../../../core/bench';
import { Problem } from '../../../../core/problem';
import { entryNumber } from '../../../../http/address/entry-number';
import { checkSaid } from '../../../../http/checks';
import { idOf, reads, writes } from '../../../../http/endpoint';
import { refuseFlood } from '../../../../http/limits/entry-limit';
import { unlessKnown } from '../../../../http/known-studio';

export const GET = reads(async (context) => {
  const after = entryNumber(context.url.searchParams.get('after'));
  const { view, ...rest } = await openBench(idOf(context), { after, isTablet: context.locals.door === 'room' });
  return { ...rest, view: unlessKnown(view, context) };
});

/** Adds what a device says. What it is of is checked as a whole: nothing is added of a list that has a fault. */
export const POST = writes(checkSaid, async ({ entries: said }, context) => {
  for (const [i, one] of said.entries()) {
    const problem = saidProblem(one);
    if (problem) throw new Problem(422, 'invalid', `Not understood: ${problem}.`, { pointer: `/entries/${i}/value` });
  }
  const { tablet } = context.locals;
  if (tablet) await refuseFlood(tablet.id, said);
  return sayAtBench(idOf(context), said, tablet?.name ?? 'desk');
});
