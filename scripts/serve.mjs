// Serves the built application on PORT, until it is told to stop.
import { createServer } from 'node:http';
import sirv from 'sirv';
import { handler } from '../dist/server/entry.mjs';
import { ROOT } from './lib/root.mjs';

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

const server = createServer((request, response) => {
  for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
  files(request, response, () => handler(request, response));
});

server.listen(Number(process.env.PORT), '127.0.0.1', () => process.send?.('ready'));

/** Answers what was asked, takes nothing new, and ends: as soon as the last answer is out, whoever keeps a connection open. */
function stop() {
  server.close(() => process.exit(0));
  setInterval(() => server.closeIdleConnections(), 20).unref();
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), 3000).unref();
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
process.on('disconnect', stop);
