import { issueKits, takeBackKits, tickKits } from '../../../../app/kits/issue';
import { checkIssue, checkTicks } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

export const POST = writes(checkIssue, async ({ version, key }, context) =>
  unlessKnown(await issueKits(idOf(context), version, key), context),
);
export const PATCH = writes(checkTicks, async ({ version, ticks }, context) =>
  unlessKnown(await tickKits(idOf(context), version, ticks), context),
);
export const DELETE = writes(checkIssue, async ({ version, key }, context) =>
  unlessKnown(await takeBackKits(idOf(context), version, key), context),
);
