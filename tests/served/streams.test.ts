import { request as httpRequest } from 'node:http';
import { connect } from 'node:net';
import { expect, it } from 'vitest';

const [BASE, ROOM] = [process.env.SERVED_URL!, process.env.SERVED_ROOM!];

/** What a listener answers to bytes that no client of ours sends. */
const raw = (base: string, text: string): Promise<string> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(base);
    const socket = connect(Number(port), hostname, () => socket.write(text));
    let told = '';
    socket.on('data', (part) => (told += String(part)));
    socket.on('end', () => resolve(told));
    socket.on('error', reject);
    socket.setTimeout(5000, () => socket.destroy(new Error('no answer')));
  });

const ask = (base: string, method: string, path: string, headers: Record<string, string> = {}) =>
  new Promise<{ status: number; headers: Record<string, unknown>; body: string }>((resolve, reject) => {
    const sent = httpRequest(new URL(path, base), { method, headers, agent: false }, (answer) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('end', () =>
        resolve({ status: answer.statusCode!, headers: answer.headers, body: Buffer.concat(parts).toString() }),
      );
    });
    sent.on('error', reject);
    sent.end();
  });

async function newSession(): Promise<string> {
  const id = crypto.randomUUID();
  await fetch(`${BASE}/api/sessions`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: BASE },
    body: JSON.stringify({ id, session: { title: 'Followed', held_on: '2031-02-03' } }),
  });
  return id;
}

it.each([
  ['its own listener', BASE],
  ['the LAN listener', ROOM],
])('%s answers methods that nothing takes with 405, in problem details', async (_, base) => {
  const { host } = new URL(base);
  for (const method of ['TRACE', 'OPTIONS', 'PROPFIND', 'LINK']) {
    const told = await ask(base, method, '/');
    expect([method, told.status, told.headers['content-type']]).toEqual([method, 405, 'application/problem+json']);
    expect(told.headers.allow).toContain('GET');
  }
  for (const text of [`CONNECT ${host} HTTP/1.1\r\nhost: ${host}\r\n\r\n`, `FLY / HTTP/1.1\r\nhost: ${host}\r\n\r\n`])
    expect(await raw(base, text)).toMatch(/^HTTP\/1\.1 405 [\s\S]*application\/problem\+json/);
  expect(await raw(base, 'neither\r\n\r\n')).toMatch(/^HTTP\/1\.1 40[05] /);
});

it('a stream is begun by GET alone, for a session there is, by no other site’s page', async () => {
  const id = await newSession();
  const path = `/api/bench/${id}/events`;
  const head = await ask(BASE, 'HEAD', path);
  expect([head.status, head.headers['content-type'], head.body]).toEqual([200, 'text/event-stream', '']);
  expect((await ask(BASE, 'GET', `/api/bench/${crypto.randomUUID()}/events`)).status).toBe(404);
  expect((await ask(BASE, 'GET', path, { origin: 'http://evil.example' })).status).toBe(403);
  expect((await ask(BASE, 'GET', path, { 'sec-fetch-site': 'cross-site' })).status).toBe(403);
});

it('streams of one client are counted, and end with their connection', async () => {
  const path = `${BASE}/api/bench/${await newSession()}/events`;
  // Streams that were begun by HEAD would be among them.
  await Promise.all(Array.from({ length: 200 }, () => fetch(path, { method: 'HEAD' })));
  const opened: AbortController[] = [];
  const open = async (): Promise<number> => {
    const abort = new AbortController();
    const { status } = await fetch(path, { signal: abort.signal });
    if (status === 200) opened.push(abort);
    return status;
  };
  const statuses: number[] = [];
  for (let i = 0; i < 100; i++) statuses.push(await open());
  expect(statuses.filter((status) => status === 200).length).toBeGreaterThanOrEqual(60);
  expect(statuses.at(-1)).toBe(429);
  for (const abort of opened) abort.abort();
  await expect.poll(open, { timeout: 20_000 }).toBe(200);
  opened.at(-1)!.abort();
}, 60_000);

it('addresses that a redirect would be built from are answered as any that is not there', async () => {
  for (const path of ['/sessions/%0d%0a', '/sessions/%0d%0aset-cookie:%20x', '/sessions/x', '/sessions/..%2f..'])
    expect([path, (await ask(BASE, 'GET', path)).status]).toEqual([path, 404]);
});

it('files are for the configured hosts alone, and say how long they hold', async () => {
  const page = (await ask(BASE, 'GET', '/people')).body;
  const script = /\/_astro\/[\w.-]+\.(?:js|css)/.exec(page)![0];
  expect((await ask(BASE, 'GET', script, { host: 'evil.example' })).status).toBe(421);
  const hashed = await ask(BASE, 'GET', script);
  expect(hashed.headers['cache-control']).toBe('public, max-age=31536000, immutable');
  const icon = await ask(BASE, 'GET', '/favicon.svg');
  expect(icon.headers['cache-control']).toBe('public, no-cache');
  expect(icon.headers.etag).toBeTruthy();
  expect((await ask(BASE, 'GET', '/favicon.svg', { 'if-none-match': String(icon.headers.etag) })).status).toBe(304);
  expect((await ask(ROOM, 'GET', '/favicon.svg', { host: 'evil.example' })).status).toBe(421);
});

/** What a client may claim of where it is. */
const CLAIMS: readonly Record<string, string>[] = [
  {},
  { 'x-forwarded-for': '127.0.0.1' },
  { 'x-forwarded-host': new URL(BASE).host },
];

it('what is not listed ends at the LAN listener’s gate, whatever it claims', async () => {
  for (const path of [
    '/',
    '/people',
    '/api/people',
    '/robots.txt',
    '/_astro/',
    '/settings/',
    '/%70eople',
    '/s/..%2fpeople',
  ])
    for (const headers of CLAIMS) {
      const told = await ask(ROOM, 'GET', path, headers);
      expect([path, told.status, told.headers['content-type']]).toEqual([path, 404, 'application/problem+json']);
    }
});
