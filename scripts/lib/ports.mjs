import { createServer } from 'node:net';

/** Whether nobody listens on a loopback port. */
export function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}

/** The first free port from `start` on. */
export async function freePort(start) {
  for (let port = start; port < start + 200; port++) if (await isFree(port)) return port;
  throw new Error(`No free port from ${start} to ${start + 199}`);
}
