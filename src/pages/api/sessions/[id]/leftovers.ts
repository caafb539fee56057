import { returnLeftovers } from '../../../../app/kits/leftovers';
import { checkLeftovers } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

export const POST = writes(checkLeftovers, async ({ key, leftovers }, context) =>
  unlessKnown(await returnLeftovers(idOf(context), key, leftovers), context),
);
