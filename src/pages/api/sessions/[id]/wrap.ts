import { sayOfPieces, wrapUp } from '../../../../app/records/say-records';
import { checkRecords, checkWrap } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

export const POST = writes(checkRecords, async ({ records }, context) =>
  unlessKnown(await sayOfPieces(idOf(context), records), context),
);

export const PATCH = writes(checkWrap, async ({ version, wrap }, context) =>
  unlessKnown(await wrapUp(idOf(context), version, wrap), context),
);
