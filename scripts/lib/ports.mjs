import { createServer } from 'node:net';

/** Whether nobody listens on a port, of loopback unless said. */
export function isFree(port, host = '127.0.0.1') {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}

/** The first free port from `start` on. */
export async function freePort(start, host) {
  for (let port = start; port < start + 200; port++) if (await isFree(port, host)) return port;
  throw new Error(`No free port from ${start} to ${start + 199}`);
}
