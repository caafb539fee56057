import { releaseSession, reserveSession } from '../../../../app/reserve';
import { checkIssue, checkReserve } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';

export const POST = writes(checkReserve, async ({ version, key, layout }, context) =>
  reserveSession(idOf(context), version, key, layout),
);
export const DELETE = writes(checkIssue, async ({ version, key }, context) =>
  releaseSession(idOf(context), version, key),
);
