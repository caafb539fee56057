// The server process: answers on PORT of this machine, and on the LAN where LAPBOARD_ROOM_PORT says so, until it is told to stop.
import compression from 'compression';
import { lookup } from 'node:dns/promises';
import { readFileSync } from 'node:fs';
import { createServer, type IncomingMessage, type RequestListener, type Server, type ServerResponse } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { join } from 'node:path';
import type { Socket } from 'node:net';
import { pathToFileURL } from 'node:url';
import sirv from 'sirv';
import { deleteOldDumps } from '../app/archive/dumps';
import { isHeavy } from '../http/limits/heavy';
import { clientAddressOf } from '../http/client-address';
import { mayAsk } from '../http/limits/guesses';
import { problemResponse } from '../http/problem-response';
import { isRoomFile, whoMay } from '../http/room-door';
import { roomOf, siteOf } from '../http/site';
import { servePages, startPages } from './pages-process';

type Door = 'home' | 'room';
type Handler = (
  request: IncomingMessage,
  response: ServerResponse,
  next: undefined,
  locals: App.Locals,
) => Promise<void>;

const { PORT, LAPBOARD_ROOM_PORT, LAPBOARD_CERT, LAPBOARD_KEY, LAPBOARD_PROXY } = process.env;
const ROOT = process.cwd();
const { handler } = (await import(pathToFileURL(join(ROOT, 'dist/server/entry.mjs')).href)) as { handler: Handler };

const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE']);
const ALLOW = [...METHODS].join(', ');

const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=()',
};

const WORKER_POLICY = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'";

const files = sirv(join(ROOT, 'dist/client'), {
  brotli: true,
  gzip: true,
  etag: true,
  setHeaders: (response, path) => {
    // The solver's worker, and nothing else, may compile WebAssembly; it connects to this server only.
    if (/^\/_astro\/[\w.-]*worker[\w.-]*\.js$/.test(path)) response.setHeader('content-security-policy', WORKER_POLICY);
    // A name with a hash in it never means another file; any other is asked for again and answered by its mark.
    response.setHeader(
      'cache-control',
      path.startsWith('/_astro/') ? 'public, max-age=31536000, immutable' : 'public, no-cache',
    );
  },
});

/** Pages and drawings are compressed; events and files that say `no-transform` are sent as they come. */
const compressed = compression({
  threshold: 1024,
  filter: (request, response) =>
    !String(response.getHeader('content-type')).startsWith('text/event-stream') &&
    compression.filter(request, response),
});
const answer = (request: IncomingMessage, response: ServerResponse, locals: App.Locals): void => {
  compressed(request as never, response as never, () => void handler(request, response, undefined, locals));
};

/** Proxies whose X-Forwarded-For is believed, as addresses: LAPBOARD_PROXY lists their names, separated by commas. */
const proxies = new Set(
  (
    await Promise.all(
      (LAPBOARD_PROXY ?? '')
        .split(',')
        .map((name) => name.trim())
        .filter(Boolean)
        .map((name) => lookup(name, { all: true })),
    )
  )
    .flat()
    .map(({ address }) => address),
);
const hosts = { home: siteOf(process.env).hosts, room: roomOf(process.env)?.hosts ?? new Set<string>() };

async function refuse(response: ServerResponse, problem: Response): Promise<void> {
  response.writeHead(problem.status, {
    ...Object.fromEntries(problem.headers),
    ...(problem.status === 405 && { allow: ALLOW }),
  });
  response.end(response.req.method === 'HEAD' ? undefined : await problem.text());
}

/** A request that never reaches a handler, answered on its bare connection. */
function refuseSocket(socket: Socket, status: 400 | 405, reason: string, code: string, detail: string): void {
  if (!socket.writable) return;
  const body = JSON.stringify({ type: `/problems/${code}`, status, title: reason, detail });
  const lines = [
    `HTTP/1.1 ${status} ${reason}`,
    'content-type: application/problem+json',
    `content-length: ${Buffer.byteLength(body)}`,
    'connection: close',
    ...(status === 405 ? [`allow: ${ALLOW}`] : []),
  ];
  socket.end(`${lines.join('\r\n')}\r\n\r\n${body}`);
}

const noSuchMethod = (): Response => problemResponse(405, 'wrong-method', 'This address does not take that method.');

/** What is refused before any file or page is looked at; null where nothing is. */
async function refusalOf(door: Door, request: IncomingMessage, address: string): Promise<Response | null> {
  const method = request.method ?? '';
  if (door === 'room' && !(await mayAsk(address)))
    return problemResponse(429, 'too-much', 'Too many requests. Wait a minute.');
  if (!METHODS.has(method)) return noSuchMethod();
  if (!hosts[door].has(request.headers.host ?? ''))
    return problemResponse(421, 'other-host', 'Lapboard is not reached by this name.');
  const path = pathOf(request);
  if (door === 'room' && !isRoomFile(path) && whoMay(path, method) === null)
    return problemResponse(404, 'not-found', 'There is nothing at this address.');
  return null;
}

const pathOf = ({ url = '/' }: IncomingMessage): string => url.split('?')[0]!;

const listenerOf =
  (door: Door): RequestListener =>
  (request, response) => {
    for (const [name, value] of Object.entries(HEADERS)) {
      // Browsers obey it on an encrypted page only, and complain of it elsewhere.
      if (name !== 'cross-origin-opener-policy' || door === 'home' || LAPBOARD_CERT) response.setHeader(name, value);
    }
    const address = clientAddressOf(
      request.socket.remoteAddress,
      request.headers['x-forwarded-for']?.toString(),
      proxies,
    );
    // What a client says of its own address, host or protocol ends here: the framework would believe it.
    for (const name of Object.keys(request.headers))
      if (name === 'forwarded' || name.startsWith('x-forwarded-')) Reflect.deleteProperty(request.headers, name);
    const whenWritable = (): Promise<void> =>
      new Promise((resolve) => {
        if (!response.writableNeedDrain || response.destroyed) resolve();
        else response.once('drain', resolve).once('close', resolve);
      });
    const locals = { door, address, whenWritable, chartNonce: null };
    const onward = (): void => {
      if (pages && isHeavy(request.method ?? '', pathOf(request))) pages.passOn(request, response, locals);
      else answer(request, response, locals);
    };
    void refusalOf(door, request, address).then((refusal) => {
      if (refusal) void refuse(response, refusal);
      else if (door === 'home' || isRoomFile(pathOf(request))) files(request, response, onward);
      else onward();
    });
  };

/** Answers CONNECT, and what the parser does not take for HTTP, as every other request is answered. */
function answerTheRest<S extends Server>(server: S): S {
  server.on('connect', (_, socket) =>
    refuseSocket(socket as Socket, 405, 'Method Not Allowed', 'wrong-method', 'CONNECT is not taken here.'),
  );
  server.on('clientError', (error: NodeJS.ErrnoException, socket) => {
    if (error.code === 'ECONNRESET') socket.destroy();
    else if (error.code === 'HPE_INVALID_METHOD')
      refuseSocket(socket as Socket, 405, 'Method Not Allowed', 'wrong-method', 'There is no such method.');
    else refuseSocket(socket as Socket, 400, 'Bad Request', 'malformed', 'The request is not HTTP.');
  });
  return server;
}

/** This process makes heavy pages and nothing else, or has another that does. */
const own = servePages(answer);
const pages = own ? null : startPages(answer, [...hosts.home][0]!);

const home = answerTheRest(createServer(listenerOf('home')));
const room = answerTheRest(
  LAPBOARD_CERT
    ? createSecureServer({ cert: readFileSync(LAPBOARD_CERT), key: readFileSync(LAPBOARD_KEY!) }, listenerOf('room'))
    : createServer(listenerOf('room')),
);
const servers = own ? [own] : LAPBOARD_ROOM_PORT ? [home, room] : [home];

const listening = (server: Server, port: string, host: string): Promise<void> =>
  new Promise((resolve) => server.listen(Number(port), host, resolve));
if (!own) {
  await listening(home, PORT!, '127.0.0.1');
  if (LAPBOARD_ROOM_PORT) await listening(room, LAPBOARD_ROOM_PORT, '0.0.0.0');
  process.send?.('ready');
}

/** Dumps get too old while the server runs, too. */
const DAY_MS = 24 * 3_600_000;
setInterval(() => void deleteOldDumps().catch(() => undefined), DAY_MS).unref();

/** Finishes the requests under way, takes no new ones, and ends as soon as the last answer is out. */
function stop(): void {
  pages?.stop();
  // Benches that follow a session reconnect to another server: an event of our own, which Node's types do not list.
  (process as NodeJS.EventEmitter).emit('lapboard:stop');
  let open = servers.length;
  for (const server of servers) server.close(() => --open === 0 && process.exit(0));
  const idle = (): void => servers.forEach((server) => server.closeIdleConnections());
  setInterval(idle, 20).unref();
  idle();
  setTimeout(() => process.exit(0), 3000).unref();
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
process.on('disconnect', stop);
