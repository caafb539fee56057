/** The IPv4 form of an address that Node writes as IPv6, as sockets and proxies may name one client in both ways. */
const plain = (address: string): string => address.trim().replace(/^::ffff:/i, '');

/**
 * The address a request is counted by: its socket's. Only a proxy that is configured may name the client instead, by the last
 * entry of X-Forwarded-For that it did not write for another proxy; whatever a client put before that is not believed.
 *
 * @example
 * clientAddressOf('10.0.0.7', '1.2.3.4', new Set()) // '10.0.0.7'
 * clientAddressOf('10.0.0.2', '1.2.3.4, 10.0.0.7', new Set(['10.0.0.2'])) // '10.0.0.7'
 */
export function clientAddressOf(
  socket: string | undefined,
  forwardedFor: string | undefined,
  proxies: ReadonlySet<string>,
): string {
  const own = plain(socket ?? '');
  if (!proxies.has(own)) return own;
  const named = (forwardedFor ?? '').split(',').map(plain).filter(Boolean);
  return named.findLast((address) => !proxies.has(address)) ?? own;
}
