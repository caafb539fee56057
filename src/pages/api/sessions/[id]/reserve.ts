import { releaseSession, reserveSession } from '../../../../app/kits/reserve';
import { checkIssue, checkReserve } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

export const POST = writes(checkReserve, async ({ version, key, layout }, context) =>
  unlessKnown(await reserveSession(idOf(context), version, key, layout), context),
);
export const DELETE = writes(checkIssue, async ({ version, key }, context) =>
  unlessKnown(await releaseSession(idOf(context), version, key), context),
);
