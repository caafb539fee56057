/** A place that was opened, to be found again. */
export interface Place {
  readonly title: string;
  readonly href: string;
}

const KEPT = 'recent';
const MOST = 8;

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

/** Notes that a place is open. */
export function noteRecent(place: Place): void {
  const rest = recentPlaces().filter(({ title, href }) => href !== place.href && title !== place.title);
  try {
    localStorage.setItem(KEPT, JSON.stringify([place, ...rest].slice(0, MOST)));
  } catch {
    // Without a place to keep it nothing is kept.
  }
}
