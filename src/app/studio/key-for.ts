import { createHash } from 'node:crypto';

/** A key of its own for each movement of one request, the same whenever the request is sent again. */
export function keyFor(request: string, part: string): string {
  const hex = createHash('sha256').update(`${request}|${part}`).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-5${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
