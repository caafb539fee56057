import { createSession, pageOfSessions } from '../../../app/session/session';
import { checkNewSession } from '../../../http/checks';
import { reads, writes } from '../../../http/endpoint';
import { pageNumber } from '../../../http/address/page-number';

export const GET = reads(({ url }) => pageOfSessions(pageNumber(url), url.searchParams.get('find') ?? ''));
export const POST = writes(checkNewSession, ({ id, session }) => createSession(id, session));
