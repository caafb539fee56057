/** Where Lapboard is reached: the one origin it tells others, and every origin and host it answers to. */
interface Site {
  readonly origin: string;
  readonly origins: ReadonlySet<string>;
  readonly hosts: ReadonlySet<string>;
}

/**
 * The site as it is configured: LAPBOARD_ORIGIN, else this machine's loopback address at PORT; LAPBOARD_ALSO adds origins it is
 * reached by beside, apart by commas. Loopback goes by all its names. Nothing a request says is taken for where it came to.
 */
export function siteOf(env: Readonly<Record<string, string | undefined>>): Site {
  const port = env.PORT ?? '4320';
  const own = new URL(env.LAPBOARD_ORIGIN ?? `http://127.0.0.1:${port}`).origin;
  const also = (env.LAPBOARD_ALSO ?? '')
    .split(',')
    .map((text) => text.trim())
    .filter(Boolean)
    .map((text) => new URL(text).origin);
  const loopback = ['127.0.0.1', 'localhost', '[::1]'].map((host) => `http://${host}:${port}`);
  const origins = new Set([own, ...also, ...loopback]);
  return { origin: own, origins, hosts: new Set([...origins].map((origin) => new URL(origin).host)) };
}

/** The room's door, where one is open: LAPBOARD_ROOM lists its origins, apart by commas. */
export function roomOf(env: Readonly<Record<string, string | undefined>>): Site | null {
  const origins = (env.LAPBOARD_ROOM ?? '').split(',').filter(Boolean);
  if (origins.length === 0) return null;
  return {
    origin: origins[0]!,
    origins: new Set(origins),
    hosts: new Set(origins.map((origin) => new URL(origin).host)),
  };
}

let configured: Site | undefined;
let configuredRoom: Site | null | undefined;

/** This process's site. */
export const site = (): Site => (configured ??= siteOf(process.env));

/** This process's door to the room; null where it has none. */
export const room = (): Site | null =>
  configuredRoom === undefined ? (configuredRoom = roomOf(process.env)) : configuredRoom;

/** The site that a request came to, by its door. */
const siteAt = (door: App.Locals['door']): Site | null => (door === 'room' ? room() : site());

/** Whether a request came to a name of ours: a name that merely points here would read what our pages may. */
export const isOurHost = (request: Request, door?: App.Locals['door']): boolean =>
  siteAt(door)?.hosts.has(request.headers.get('host') ?? '') ?? false;

/** Whether a request comes from one of our own pages: browsers say so, and nobody else's page can. */
export function isFromOurPage(request: Request, door?: App.Locals['door']): boolean {
  const origin = request.headers.get('origin');
  return origin !== null
    ? (siteAt(door)?.origins.has(origin) ?? false)
    : request.headers.get('sec-fetch-site') === 'same-origin';
}

/** Whether a browser says that a page of another site asks; what is no browser says nothing. */
export function isFromOtherSite(request: Request, door?: App.Locals['door']): boolean {
  const origin = request.headers.get('origin');
  if (origin !== null) return !(siteAt(door)?.origins.has(origin) ?? false);
  const site = request.headers.get('sec-fetch-site');
  return site === 'cross-site' || site === 'same-site';
}
