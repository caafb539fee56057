/** Today's date in the studio's own time zone, which is the server's, as an ISO date. */
export function today(now = new Date()): string {
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
