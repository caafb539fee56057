import { patternOf } from './path-pattern';

/** Who may use a route of the LAN listener: anybody there, or a paired tablet. */
type Who = 'anyone' | 'tablet';

/**
 * Every route that answers on the LAN listener, by path and method; all others are answered 404. A seat's own routes check their link
 * themselves. A route of a session is for tablets on that session's day.
 */
const ROUTES: Readonly<Record<string, Readonly<Record<string, Who>>>> = {
  '/s/[link]': { GET: 'anyone' },
  '/s/[link]/[file]': { GET: 'anyone' },
  '/api/s/[link]': { GET: 'anyone', POST: 'anyone' },
  '/pair': { GET: 'anyone' },
  '/api/pair': { POST: 'anyone' },
  '/bench': { GET: 'tablet' },
  '/bench/[id]': { GET: 'tablet' },
  '/bench/[id]/kit': { GET: 'tablet' },
  '/api/bench/[id]': { GET: 'tablet', POST: 'tablet' },
  '/api/bench/[id]/events': { GET: 'tablet' },
  '/api/bench/[id]/offcuts': { GET: 'tablet' },
  '/api/bench/[id]/seats': { POST: 'tablet' },
  '/api/bench/[id]/ticks': { PATCH: 'tablet' },
};

const LISTED = Object.entries(ROUTES).map(([route, methods]) => [patternOf(route), methods] as const);

/** Who may ask the LAN listener for a path with a method; null where nobody may. */
export function whoMay(path: string, method: string): Who | null {
  const methods = LISTED.find(([pattern]) => pattern.test(path))?.[1];
  const own = method === 'HEAD' ? 'GET' : method;
  return methods && Object.hasOwn(methods, own) ? methods[own]! : null;
}

/** Built files that pages of the LAN listener are made of; none of them is about anybody. */
const FILES = /^\/(_astro\/[\w.@-]+|favicon\.svg|seat-worker\.js)$/;

/** Whether the LAN listener serves a built file. */
export const isRoomFile = (path: string): boolean => FILES.test(path);

/** The cookie that a paired tablet shows. */
export const TABLET_COOKIE = 'tablet';
