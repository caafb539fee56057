/** Who may come to a route through the door to the room: anybody there, or a tablet that is paired. */
type Who = 'anyone' | 'tablet';

/**
 * All that answers on the network, by route and method; everything else is as if it were not there. A seat's own routes check their
 * link themselves. A route of a session is for tablets on that session's day.
 */
const ROOM: Readonly<Record<string, Readonly<Record<string, Who>>>> = {
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

/** Who may ask for a route so through the door to the room; null where nobody may. */
export const whoMay = (route: string, method: string): Who | null =>
  (Object.hasOwn(ROOM, route) && ROOM[route]![method === 'HEAD' ? 'GET' : method]) || null;

/** The cookie that a paired tablet shows. */
export const TABLET_COOKIE = 'tablet';
