/** A place that was opened, to be found again. */
export interface Place {
  readonly title: string;
  readonly href: string;
}

const KEPT = 'recent';
const MOST = 8;
/** Pages that are found again among those opened last. */
const KEPT_PAGES = /^\/(sessions\/[0-9a-f-]{36}|projects\/|composer\/)/;

/** Where this browser was last, newest first. People are not kept: who they are stays in the database. */
export function recentPlaces(): Place[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT) ?? '[]');
    return Array.isArray(kept)
      ? kept.filter((one): one is Place => typeof one?.title === 'string' && /^\/(?!\/)/.test(String(one?.href)))
      : [];
  } catch {
    return [];
  }
}

/** Notes that a place is open, or is gone to, if it is one to be found again. */
export function noteRecent(place: Place): void {
  if (!KEPT_PAGES.test(place.href)) return;
  const rest = recentPlaces().filter(({ title, href }) => href !== place.href && title !== place.title);
  try {
    localStorage.setItem(KEPT, JSON.stringify([place, ...rest].slice(0, MOST)));
  } catch {
    // Without a place to keep it nothing is kept.
  }
}
