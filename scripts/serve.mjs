// Serves the built application on PORT of this machine alone, and to the room where LAPBOARD_ROOM_PORT says so, until it is told to stop.
import compression from 'compression';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import sirv from 'sirv';
import { handler } from '../dist/server/entry.mjs';
import { ROOT } from './lib/root.mjs';

const { PORT, LAPBOARD_ROOM_PORT, LAPBOARD_CERT, LAPBOARD_KEY } = process.env;

const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=()',
};

const WORKER_POLICY = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'";

const files = sirv(`${ROOT}/dist/client`, {
  brotli: true,
  gzip: true,
  etag: true,
  setHeaders: (response, path) => {
    // The solver's worker, and nothing else, may compile WebAssembly; it reaches no further than this server.
    if (/^\/_astro\/[\w.-]*worker[\w.-]*\.js$/.test(path)) response.setHeader('content-security-policy', WORKER_POLICY);
    if (path.startsWith('/_astro/')) response.setHeader('cache-control', 'public, max-age=31536000, immutable');
  },
});

/** Pages and drawings are text and shrink; what is told as it happens is not kept back to be. */
const compressed = compression({
  threshold: 1024,
  filter: (request, response) =>
    !String(response.getHeader('content-type')).startsWith('text/event-stream') &&
    compression.filter(request, response),
});

/** What of the built files the room may have: what pages are made of, none of them about anybody. */
const ROOM_FILES = /^\/(_astro\/[\w.@-]+|favicon\.svg|seat-worker\.js)$/;

/** Answers at a door; what comes through it says which it was. */
const answering = (door) => (request, response) => {
  for (const [name, value] of Object.entries(HEADERS)) {
    // Browsers heed it of an encrypted page alone, and complain of it otherwise.
    if (name !== 'cross-origin-opener-policy' || door === 'home' || LAPBOARD_CERT) response.setHeader(name, value);
  }
  const onward = () => compressed(request, response, () => handler(request, response, undefined, { door }));
  if (door === 'home' || ROOM_FILES.test(request.url.split('?')[0])) files(request, response, onward);
  else onward();
};

const home = createServer(answering('home'));
const room = LAPBOARD_CERT
  ? createSecureServer({ cert: readFileSync(LAPBOARD_CERT), key: readFileSync(LAPBOARD_KEY) }, answering('room'))
  : createServer(answering('room'));
const servers = LAPBOARD_ROOM_PORT ? [home, room] : [home];

const listening = (server, port, host) => new Promise((done) => server.listen(Number(port), host, done));
await listening(home, PORT, '127.0.0.1');
if (LAPBOARD_ROOM_PORT) await listening(room, LAPBOARD_ROOM_PORT, '0.0.0.0');
process.send?.('ready');

/** Answers what was asked, takes nothing new, and ends: as soon as the last answer is out, whoever keeps a connection open. */
function stop() {
  // Benches that follow what goes on go to another server.
  process.emit('lapboard:stop');
  let open = servers.length;
  for (const server of servers) server.close(() => --open === 0 && process.exit(0));
  const idle = () => servers.forEach((server) => server.closeIdleConnections());
  setInterval(idle, 20).unref();
  idle();
  setTimeout(() => process.exit(0), 3000).unref();
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
process.on('disconnect', stop);
