import { createSession } from '../../../app/session';
import { checkNewSession } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const POST = writes(checkNewSession, ({ id, session }) => createSession(id, session));
