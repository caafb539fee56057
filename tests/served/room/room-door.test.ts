import { readdirSync } from 'node:fs';
import type { ChildProcess } from 'node:child_process';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { startServer } from '../../../scripts/lib/application.mjs';
import { freePort } from '../../../scripts/lib/ports.mjs';
import { ADDRESSES, startNetwork, type Answered, type Asked, type Network } from './network';

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'];
let network: Network;
let server: ChildProcess;
let home: string;
let room: string;
/** Today's session of the demo with the link of a seat, and another day's. */
let today: { id: string; seat: string; link: string };
let another: { id: string; link: string };

let next = 0;
/** One of the network's addresses after the other, so that none asks too much. */
const address = (): number => next++ % (ADDRESSES - 4);
const ask = (method: string, path: string, more: Partial<Asked> = {}): Answered =>
  network.ask(room, [{ from: address(), method, path, ...more }])[0]!;
const fromHere = (): Record<string, string> => ({ 'content-type': 'application/json', origin: room });

/** Asks on this machine. What is asked elsewhere stands still this process, so no connection is kept. */
const here = (path: string, method = 'GET'): Promise<Response> =>
  fetch(`${home}${path}`, {
    method,
    headers: { 'content-type': 'application/json', origin: home, connection: 'close' },
    ...(method !== 'GET' && { body: '{}' }),
  });

async function sessionOf(title: string): Promise<{ id: string; seat: string; link: string }> {
  const { lines } = (await (await here(`/api/sessions?find=${encodeURIComponent(title)}`)).json()) as {
    lines: { id: string }[];
  };
  const { id } = lines[0]!;
  const page = await (await here(`/sessions/${id}/bench`)).text();
  const { view } = (await (await here(`/api/bench/${id}`)).json()) as { view: { seats: { id: string }[] } };
  const seat = view.seats[0]!.id;
  const link = new RegExp(`${seat}&quot;:\\[0,&quot;([\\w-]{43})`).exec(page)![1]!;
  return { id, seat, link };
}

beforeAll(async () => {
  network = startNetwork();
  const port = await freePort(4760);
  const roomPort = await freePort(4780, '0.0.0.0');
  home = `http://127.0.0.1:${port}`;
  room = `http://${network.host}:${roomPort}`;
  server = await startServer(process.env.SERVED_DATABASE!, port, {
    LAPBOARD_ROOM: room,
    LAPBOARD_ROOM_PORT: String(roomPort),
  });
  today = await sessionOf('Sluice house');
  another = await sessionOf('Tide club');
}, 60_000);
afterAll(() => {
  server?.kill('SIGKILL');
  network?.stop();
});

/** Every route of the application, with ids of today's session where it takes one. */
function routes(link: string): string[] {
  const folder = new URL('../../../src/pages/', import.meta.url);
  return readdirSync(folder, { recursive: true })
    .map(String)
    .filter((file) => /\.(astro|ts)$/.test(file) && !/(^|\/)_/.test(file))
    .map((file) => `/${file.replace(/\.(astro|ts)$/, '').replace(/(^|\/)index$/, '')}`.replace(/\/$/, '') || '/')
    .map((path) =>
      path
        .replace('[link]', link)
        .replace('[id]', today.id)
        .replace('[page]', 'fit')
        .replace('[slug]', 'band-buckle')
        .replace(/\[(\.\.\.)?\w+\]/g, path.startsWith('/s/') ? 'closed.svg' : 'x'),
    );
}

/** What is listed, by who comes: written out here, not read from the list that is tried. */
const SEAT = (link: string): string[] => [
  `GET /s/${link}`,
  `GET /s/${link}/closed.svg`,
  `GET /api/s/${link}`,
  `POST /api/s/${link}`,
];
const ANYBODY = ['GET /pair', 'POST /api/pair'];
const TABLET = (id: string): string[] => [
  'GET /bench',
  `GET /bench/${id}`,
  `GET /bench/${id}/kit`,
  `GET /api/bench/${id}`,
  `POST /api/bench/${id}`,
  `GET /api/bench/${id}/events`,
  `GET /api/bench/${id}/offcuts`,
  `POST /api/bench/${id}/seats`,
  `PATCH /api/bench/${id}/ticks`,
];

/** Asks for every route by every method, and answers those that were not as if they were not there. */
function whatAnswers(link: string, cookie = ''): Map<string, Answered> {
  const all = routes(link).flatMap((path) => METHODS.map((method) => ({ method, path })));
  const answers = network.ask(
    room,
    all.map(({ method, path }): Asked => ({
      from: address(),
      method,
      path,
      headers: { ...(method !== 'GET' && fromHere()), ...(cookie && { cookie }) },
      ...(method !== 'GET' && { body: '{}' }),
    })),
  );
  const known = new Map<string, Answered>();
  answers.forEach((answer, i) => {
    const isNothing = answer.status === 404 && answer.body.includes('There is nothing at this address.');
    if (!isNothing) known.set(`${all[i]!.method} ${all[i]!.path}`, answer);
  });
  return known;
}

it('without a code, and with another day’s: pairing answers, nothing of a session does, and no link opens', () => {
  const found = whatAnswers(another.link);
  expect([...found.keys()].sort()).toEqual([...SEAT(another.link), ...ANYBODY, ...TABLET(today.id)].sort());
  for (const asked of TABLET(today.id))
    expect([asked, [303, 401].includes(found.get(asked)!.status)]).toEqual([asked, true]);
  expect(found.get(`GET /s/${another.link}`)!.status).toBe(404);
  expect(found.get(`GET /api/s/${another.link}`)!.status).toBe(404);
  const told = [...found.values()].map(({ body }) => body).join(' ');
  for (const name of ['Bettany', 'Corin', 'Wren', 'Sluice', 'Tide club']) expect(told).not.toContain(name);
}, 120_000);

it('with a seat’s code: its own page, and nothing of anybody else', () => {
  const found = whatAnswers(today.link);
  for (const asked of SEAT(today.link).slice(0, 3)) expect([asked, found.get(asked)!.status]).toEqual([asked, 200]);
  const page = found.get(`GET /s/${today.link}`)!;
  expect(page.body).toContain('Bettany');
  for (const other of ['Weir', 'Corin', 'Delphine', 'Sluice house', 'Morwen']) expect(page.body).not.toContain(other);
  expect(page.headers['content-security-policy']).toContain("default-src 'self'");
  // It counts for itself and no other seat; a tie sent again counts once.
  const key = crypto.randomUUID();
  const say = (entry: object) =>
    ask('POST', `/api/s/${today.link}`, {
      headers: fromHere(),
      body: JSON.stringify({ entries: [{ key, seat: today.seat, what: 'made', value: 1, ago_ms: 0, ...entry }] }),
    });
  const entriesOf = ({ body }: Answered): unknown[] => (JSON.parse(body) as { entries: unknown[] }).entries;
  expect(entriesOf(say({})).length).toBe(entriesOf(say({})).length);
  expect(say({ seat: crypto.randomUUID() }).status).toBe(422);
  expect(say({ what: 'close', seat: null, value: null }).status).toBe(422);
  expect(say({ what: 'done', value: null }).status).toBe(422);
}, 120_000);

it('a paired tablet has the bench and kits of today’s sessions, and no other; unpaired it has nothing', async () => {
  const { code } = (await (await here('/api/tablets', 'POST')).json()) as { code: string };
  const pair = () => ask('POST', '/api/pair', { headers: fromHere(), body: JSON.stringify({ code }) });
  const paired = pair();
  expect(paired.status).toBe(200);
  const set = String(paired.headers['set-cookie']);
  expect(set).toMatch(/HttpOnly/i);
  expect(set).toMatch(/SameSite=Strict/i);
  expect(pair().status).toBe(403);

  const cookie = set.split(';')[0]!;
  const found = whatAnswers(another.link, cookie);
  expect([...found.keys()].sort()).toEqual([...SEAT(another.link), ...ANYBODY, ...TABLET(today.id)].sort());
  for (const asked of TABLET(today.id).filter((one) => one.startsWith('GET')))
    expect([asked, found.get(asked)!.status]).toEqual([asked, 200]);
  for (const path of [`/api/bench/${another.id}`, `/api/bench/${another.id}/events`])
    expect(ask('GET', path, { headers: { cookie } }).status).toBe(401);
  // Of people it is sent what the table needs: names and pieces.
  for (const path of [`GET /api/bench/${today.id}`, `GET /bench/${today.id}`, `GET /bench/${today.id}/kit`]) {
    const sent = found.get(path)!.body.replaceAll('&quot;', '"').replaceAll('\\"', '"');
    expect(sent).toContain('Bettany');
    for (const field of ['person_id', 'wrist_mm', 'hand_mm', '"note":"', '"avoid":["'])
      expect(sent).not.toContain(field);
    expect(sent).not.toMatch(/"age":\d/);
    expect(sent).not.toMatch(/"wrist":[1-9]/);
  }

  const { tablets } = (await (await here('/api/tablets')).json()) as { tablets: { id: string }[] };
  await here(`/api/tablets/${tablets[0]!.id}`, 'DELETE');
  expect(ask('GET', `/api/bench/${today.id}`, { headers: { cookie } }).status).toBe(401);
}, 120_000);

it('takes nothing from another page, nor by another name, and no built file that is not of its pages', () => {
  expect(
    ask('POST', '/api/pair', { headers: { ...fromHere(), origin: 'http://evil.example' }, body: '{"code":"x"}' })
      .status,
  ).toBe(403);
  expect(
    ask('POST', '/api/pair', { headers: { 'content-type': 'application/json', origin: home }, body: '{"code":"x"}' })
      .status,
  ).toBe(403);
  expect(ask('GET', '/pair', { headers: { host: 'evil.example' } }).status).toBe(421);
  const page = ask('GET', '/pair').body;
  const script = /\/_astro\/[\w.-]+\.(?:js|css)/.exec(page)![0];
  expect(ask('GET', script).status).toBe(200);
  for (const path of ['/_astro/../index.html', '/_astro/%2e%2e/server/entry.mjs', '/..%2f..%2fpackage.json', '/.built'])
    expect(ask('GET', path).status).not.toBe(200);
});

it('guesses are counted by the socket’s address, and lock out nobody: a right link and a right code always open', async () => {
  const from = ADDRESSES - 1;
  const links = Array.from({ length: 14 }, (_, i): Asked => ({
    from,
    method: 'GET',
    path: `/api/s/${String(i).padStart(43, 'A')}`,
    headers: { 'x-forwarded-for': `203.0.113.${i}` },
  }));
  const statuses = links.map((asked) => network.ask(room, [asked])[0]!.status);
  expect(statuses.filter((status) => status === 404)).toHaveLength(10);
  expect(statuses.slice(10)).toEqual([429, 429, 429, 429]);
  expect(network.ask(room, [{ from, method: 'GET', path: `/api/s/${today.link}` }])[0]!.status).toBe(200);
  const pair = (code: string, by: number): Asked => ({
    from: by,
    method: 'POST',
    path: '/api/pair',
    headers: fromHere(),
    body: JSON.stringify({ code }),
  });
  const codes = Array.from({ length: 90 }, (_, i) => pair(`GUESS${i}`, i % 4));
  const told = network.ask(room, codes).map(({ status }) => status);
  expect(told.filter((status) => status === 403).length).toBeLessThanOrEqual(40);
  expect(told).toContain(429);
  const { code } = (await (await here('/api/tablets', 'POST')).json()) as { code: string };
  // From an address that has guessed too often itself.
  expect(network.ask(room, [pair(code, 0)])[0]!.status).toBe(200);
});

it('an address that asks too much is stopped, whatever it asks for', () => {
  const nothing: Asked = { from: ADDRESSES - 2, method: 'GET', path: '/nothing' };
  const told = network.ask(room, Array<Asked>(3100).fill(nothing)).map(({ status }) => status);
  expect([told.includes(404), told.at(-1)]).toEqual([true, 429]);
}, 60_000);

it('does not say by its answer, nor its time, whether a wrong link is of a seat that there is', () => {
  const real = Buffer.from(today.link, 'base64url').subarray(0, 16);
  const wrong = (seat: Buffer): string => Buffer.concat([seat, Buffer.alloc(16, 7)]).toString('base64url');
  const made = Buffer.from(real.map((byte) => byte ^ 0xff));
  const time = (link: string): number[] =>
    Array.from({ length: 9 }, () => {
      const began = performance.now();
      const { status, body } = ask('GET', `/api/s/${link}`, { from: address() });
      expect([404, 429]).toContain(status);
      expect(body).not.toContain('Bettany');
      return performance.now() - began;
    }).sort((a, b) => a - b);
  const [there, nowhere] = [time(wrong(real)), time(wrong(made))];
  // Told apart by half as much again they are not.
  expect(Math.abs(there[4]! - nowhere[4]!)).toBeLessThan(0.5 * Math.max(there[4]!, nowhere[4]!));
});
