import type { APIContext } from 'astro';
import { tabletAt } from './app/bench/tablets';
import { isUuid } from './http/ids';
import { isGuessing, mayAsk, mayTryCode } from './http/limits';
import { problemResponse } from './http/problem-response';
import { TABLET_COOKIE, whoMay } from './http/room-door';

const isLink = (route: string): boolean => /^(\/api)?\/s\//.test(route);
const isCode = (route: string): boolean => route === '/api/pair';

/**
 * What is answered to somebody at the door to the room who may not come in; null to whoever may. A tablet that may is noted. Pages
 * that could not be shown are said here in a line: nothing is rewritten to a page that is not listed.
 */
export async function atRoomDoor(context: APIContext): Promise<Response | null> {
  const { routePattern, request, url, params, cookies, locals } = context;
  const address = context.clientAddress;
  if (!(await mayAsk(address))) return problemResponse(429, 'too-much', 'Too much at once: wait a minute.');
  const who = whoMay(routePattern, request.method);
  if (who === null) return problemResponse(404, 'not-found', 'There is nothing at this address.');
  const isTooOften = isLink(routePattern)
    ? await isGuessing(address)
    : isCode(routePattern) && request.method === 'POST' && !(await mayTryCode(address));
  if (isTooOften) return problemResponse(429, 'too-much', 'That was wrong too often: wait a minute.');
  if (who === 'anyone') return null;
  const session = params.id ?? null;
  const token = cookies.get(TABLET_COOKIE)?.value ?? '';
  const tablet = session === null || isUuid(session) ? await tabletAt(token, session) : null;
  if (tablet) {
    locals.tablet = { id: tablet.id, name: tablet.name };
    return null;
  }
  return url.pathname.startsWith('/api/')
    ? problemResponse(401, 'not-paired', 'This tablet is not paired for that session today.')
    : context.redirect('/pair', 303);
}
