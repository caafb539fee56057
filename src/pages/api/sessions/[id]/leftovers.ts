import { returnLeftovers } from '../../../../app/leftovers';
import { checkLeftovers } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';

export const POST = writes(checkLeftovers, async ({ key, leftovers }, context) =>
  returnLeftovers(idOf(context), key, leftovers),
);
