import { tickKits } from '../../../../app/kits/issue';
import { checkTicks } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';

export const PATCH = writes(checkTicks, async ({ version, ticks }, context) => {
  const { session } = await tickKits(idOf(context), version, ticks);
  return { version: session.version, kits: session.kits };
});
