const two = (n: number): string => String(n).padStart(2, '0');

/** Today's date in the studio's own time zone, which is the server's, as an ISO date. */
export function today(now = new Date()): string {
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** A time of the day in the studio's own time zone, as a session's start is written. */
export const clock = (now: Date): string => `${two(now.getHours())}:${two(now.getMinutes())}`;
