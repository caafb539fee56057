import { request as httpRequest, type IncomingMessage } from 'node:http';
import { expect, it } from 'vitest';

const BASE = process.env.SERVED_URL!;
const { hostname, port, host } = new URL(BASE);

interface Told {
  readonly status: number;
  readonly headers: IncomingMessage['headers'];
  readonly body: string;
}

/** A request as no browser sends it; what is sent in parts has no length. */
function ask(
  method: string,
  path: string,
  headers: Record<string, string> = {},
  parts: Iterable<string | Uint8Array> = [],
): Promise<Told> {
  return new Promise((resolve, reject) => {
    const sent = httpRequest({ hostname, port, method, path, headers, agent: false }, (answer) => {
      const chunks: Buffer[] = [];
      answer.on('data', (chunk: Buffer) => chunks.push(chunk));
      answer.on('end', () =>
        resolve({ status: answer.statusCode!, headers: answer.headers, body: Buffer.concat(chunks).toString() }),
      );
    });
    sent.on('error', reject);
    void (async () => {
      for (const part of parts) if (!sent.write(part)) await new Promise((done) => sent.once('drain', done));
      sent.end();
    })();
  });
}
const JSON_FROM_HERE = { 'content-type': 'application/json', origin: BASE };

it('answers to its own names alone: another that points here reads nothing', async () => {
  for (const name of ['evil.example', `evil.example:${port}`, `${hostname}:1`])
    expect((await ask('GET', '/api/people', { host: name })).status, name).toBe(421);
  expect((await ask('GET', '/people', { host: 'evil.example' })).body).not.toContain('Wren');
  for (const name of [host, `localhost:${port}`, `[::1]:${port}`])
    expect((await ask('GET', '/api/people', { host: name })).status, name).toBe(200);
});

it.each(['http://[', 'null', 'http://evil.example', 'http://127.0.0.1', '\u00ff', `https://${host}`])(
  'takes no change from the origin %s, however it is written',
  async (origin) => {
    const told = await ask('POST', '/api/sessions', { ...JSON_FROM_HERE, origin }, ['{}']);
    expect(told.status).toBe(403);
    expect(told.headers['content-type']).toBe('application/problem+json');
  },
);

it('counts what it is sent: more than a request may hold is refused while it comes', async () => {
  let sent = 0;
  const endless = function* () {
    const part = Buffer.alloc(65_536, 0x20);
    for (; sent < 200_000_000; sent += part.length) yield part;
  };
  const told = await ask('POST', '/api/roster', { ...JSON_FROM_HERE, 'transfer-encoding': 'chunked' }, endless()).catch(
    (error: NodeJS.ErrnoException) => error.code!,
  );
  if (typeof told === 'string') expect(['ECONNRESET', 'EPIPE']).toContain(told);
  else expect(told.status).toBe(413);
  expect(sent).toBeLessThan(20_000_000);
  // A length that is too great is not waited for.
  const said = await ask('POST', '/api/roster', { ...JSON_FROM_HERE, 'content-length': '2000000' }, []).catch(
    () => null,
  );
  expect(said === null || said.status === 413).toBe(true);
}, 60_000);

it('answers an API’s address in problem details whatever is asked of it', async () => {
  for (const [method, path, status] of [
    ['PUT', '/api/people', 405],
    ['POST', '/api/health', 405],
    ['GET', '/api/no-such-thing', 404],
    ['GET', '/api/people?find=%00', 400],
    ['GET', '/api/people?find=%ed%a0%80', 400],
    ['GET', '/api/people/%0a', 404],
    ['GET', `/api/people/${'-'.repeat(36)}`, 404],
    ['GET', '/api/export/constructor', 404],
    ['GET', '/api/projects/__proto__', 404],
  ] as const) {
    const told = await ask(method, path, JSON_FROM_HERE);
    expect(told.status, path).toBe(status);
    expect(told.headers['content-type'], path).toBe('application/problem+json');
  }
  for (const path of [`/sessions/${'-'.repeat(36)}/print`, '/sessions/a%0d%0ab/fit', '/projects/constructor'])
    expect((await ask('GET', path)).status, path).toBe(404);
  // A session that is no more is said so by every page of it, before anything of the page is sent.
  for (const page of [
    'seats',
    'fit',
    'cut',
    'kit',
    'print',
    'table',
    'packing',
    'cards',
    'room',
    'room-sheet',
    'safety-card',
  ])
    expect((await ask('GET', `/sessions/${crypto.randomUUID()}/${page}`)).status, page).toBe(404);
});

it('refuses texts that cannot be kept, naming the field', async () => {
  const id = crypto.randomUUID();
  for (const title of ['a\\u0000b', '\\ud800']) {
    const told = await ask('POST', '/api/sessions', JSON_FROM_HERE, [
      `{"id": "${id}", "session": {"title": "${title}", "held_on": "2030-05-04"}}`,
    ]);
    expect(told.status).toBe(422);
    expect(JSON.parse(told.body)).toMatchObject({ pointer: '/session/title' });
  }
  for (const held_on of ['0000-01-01', '2030-02-30', '99999-01-01']) {
    const told = await ask('POST', '/api/sessions', JSON_FROM_HERE, [
      JSON.stringify({ id, session: { title: 'x', held_on } }),
    ]);
    expect(JSON.parse(told.body), held_on).toMatchObject({ status: 422, pointer: '/session/held_on' });
  }
});

it('lets nobody keep a page with people on it, nor another site show one', async () => {
  for (const path of ['/people', '/', '/api/people', '/sessions']) {
    const { headers } = await ask('GET', path);
    expect(headers['cache-control'], path).toBe('no-store');
    expect(headers['cross-origin-resource-policy'], path).toBe('same-origin');
    expect(headers['content-security-policy'], path).toContain("frame-ancestors 'none'");
    expect(headers['x-content-type-options'], path).toBe('nosniff');
  }
});

it('goes on answering while sheets for five hundred are made, and gives the same sheet again at once', async () => {
  const id = crypto.randomUUID();
  await ask('POST', '/api/sessions', JSON_FROM_HERE, [
    JSON.stringify({ id, session: { title: 'Five hundred', held_on: '2031-05-04' } }),
  ]);
  const seats = Array.from({ length: 500 }, (_, i) => ({
    id: crypto.randomUUID(),
    name: `Guest ${i}`,
    person_id: null,
    wrist_mm: 130 + (i % 80),
    wrist_method: 'tape',
    project: 'band-buckle',
  }));
  expect((await ask('POST', `/api/sessions/${id}/seats`, JSON_FROM_HERE, [JSON.stringify({ seats })])).status).toBe(
    200,
  );
  const papers = ['labels?kind=cuts', 'labels?kind=bags', 'cut-sheet.pdf', 'packing-list.pdf'].map((path) => {
    return ask('GET', `/api/sessions/${id}/${path}`);
  });
  let done = false;
  const all = Promise.all(papers).finally(() => (done = true));
  let slowest = 0;
  while (!done) {
    const start = performance.now();
    expect((await ask('GET', '/api/health')).status).toBe(200);
    slowest = Math.max(slowest, performance.now() - start);
    await new Promise((next) => setTimeout(next, 50));
  }
  for (const { status, headers } of await all) {
    expect(status).toBe(200);
    expect(headers['content-type']).toBe('application/pdf');
  }
  // Twelve seconds it was; the planning of five hundred seats is still the server's own.
  expect(slowest).toBeLessThan(3000);
}, 120_000);
