const two = (n: number): string => String(n).padStart(2, '0');

/** Today's date in the studio's own time zone, which is the server's, as an ISO date. */
export function today(now = new Date()): string {
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** A time of the day in the studio's own time zone, as a session's start is written. */
export const clock = (now: Date): string => `${two(now.getHours())}:${two(now.getMinutes())}`;

/** The date it is now in a time zone, the server's own where none is said, as an ISO date. */
export const dayIn = (zone: string | undefined, now = new Date()): string =>
  zone === undefined
    ? today(now)
    : new Intl.DateTimeFormat('en-CA', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(
        now,
      );

/** Whether a time zone is one that this machine knows. */
export function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}
