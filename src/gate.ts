import type { APIContext } from 'astro';
import { tabletAt } from './app/bench/tablets';
import { isUuid } from './http/ids';
import { problemResponse } from './http/problem-response';
import { TABLET_COOKIE, whoMay } from './http/room-door';

/**
 * What the LAN listener answers to somebody who may not use a route; null to anybody who may. A tablet that may is noted. Errors are
 * answered in one line: nothing is rewritten to a page that is not listed.
 */
export async function atRoomDoor(context: APIContext): Promise<Response | null> {
  const { request, url, params, cookies, locals } = context;
  const who = whoMay(url.pathname, request.method);
  if (who === null) return problemResponse(404, 'not-found', 'There is nothing at this address.');
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
