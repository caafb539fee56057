import { restoreSession } from '../../../../app/session/session';
import { checkNothing } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

export const POST = writes(checkNothing, async (_, context) =>
  unlessKnown(await restoreSession(idOf(context)), context),
);
