import { afterAll, beforeAll, expect, it } from 'vitest';
import type { ChildProcess } from 'node:child_process';
import { startServer } from '../../scripts/lib/application.mjs';
import { freePort } from '../../scripts/lib/ports.mjs';
import { loadFeed } from '../load/feed';

const BASE = process.env.SERVED_URL!;
let second: ChildProcess;
let other: string;
let room: { id: string; seats: string[] };

beforeAll(async () => {
  const port = await freePort(4720);
  second = await startServer(process.env.SERVED_DATABASE!, port);
  other = `http://127.0.0.1:${port}`;
  const id = crypto.randomUUID();
  const headers = { 'content-type': 'application/json', origin: BASE };
  const send = (path: string, body: object) =>
    fetch(`${BASE}${path}`, { method: 'POST', headers, body: JSON.stringify(body) });
  await send('/api/sessions', { id, session: { title: 'Weir lamp room', held_on: '2020-02-03', minutes: 60 } });
  const seats = ['Ada', 'Bo', 'Cy'].map((name) => ({ id: crypto.randomUUID(), name, project: 'fob-ring' }));
  await send(`/api/sessions/${id}/seats`, { seats });
  room = { id, seats: seats.map((seat) => seat.id) };
}, 60_000);
afterAll(() => second.kill('SIGKILL'));

it('every screen of two servers has every press once and in order, also when a server is killed and some are cut off', async () => {
  const found = await loadFeed({
    bases: [BASE, other],
    session: room.id,
    seats: room.seats,
    screens: 12,
    perSecond: 20,
    seconds: 3,
    cut: 3,
    atHalf: () => second.kill('SIGKILL'),
  });
  expect(found).toMatchObject({ pressed: 60, lost: 0, doubled: 0, disordered: 0 });
}, 60_000);

it('a bench that is followed does not keep a server from ending', async () => {
  const port = await freePort(4740);
  const server = await startServer(process.env.SERVED_DATABASE!, port);
  const events = await fetch(`http://127.0.0.1:${port}/api/bench/${room.id}/events`);
  expect(events.headers.get('content-type')).toBe('text/event-stream');
  const reader = events.body!.getReader();
  await reader.read();
  const ended = new Promise((done) => server.once('exit', done));
  server.kill('SIGTERM');
  // Its stream is closed, not torn off.
  for (;;) if ((await reader.read()).done) break;
  expect(await ended).toBe(0);
}, 30_000);

it('says so when nothing is understood, by the field', async () => {
  const send = (entry: object) =>
    fetch(`${BASE}/api/bench/${room.id}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: BASE },
      body: JSON.stringify({
        entries: [{ key: crypto.randomUUID(), seat: room.seats[0], value: null, ago_ms: 0, ...entry }],
      }),
    });
  const wrong = await send({ what: 'made', value: 'four' });
  expect(wrong.status).toBe(422);
  expect(await wrong.json()).toMatchObject({
    pointer: '/entries/0/value',
    detail: expect.stringMatching(/whole number/) as string,
  });
  expect((await send({ what: 'begin' })).status).toBe(422);
  expect((await send({ what: 'made', value: 3 })).status).toBe(200);
});
