import { restoreSession } from '../../../../app/session';
import { checkNothing } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';

export const POST = writes(checkNothing, async (_, context) => restoreSession(idOf(context)));
