import { issueKits, takeBackKits, tickKits } from '../../../../app/issue';
import { checkIssue, checkTicks } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';

export const POST = writes(checkIssue, async ({ version, key }, context) => issueKits(idOf(context), version, key));
export const PATCH = writes(checkTicks, async ({ version, ticks }, context) => tickKits(idOf(context), version, ticks));
export const DELETE = writes(checkIssue, async ({ version, key }, context) =>
  takeBackKits(idOf(context), version, key),
);
