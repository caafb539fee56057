import type { ChildProcess } from 'node:child_process';
import { Client } from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { prepareDatabase, startServer } from '../../scripts/lib/application.mjs';
import { freePort } from '../../scripts/lib/ports.mjs';
import { cluster } from '../../scripts/lib/postgres.mjs';
import { loadWriters } from '../load/writers';

/** A short form; `npm run bench` has forty writers and ten kills. */
const [WRITERS, SECONDS, KILLS] = [
  Number(process.env.WRITERS ?? 12),
  Number(process.env.WRITER_SECONDS ?? 8),
  Number(process.env.WRITER_KILLS ?? 3),
];

const postgres = cluster(process.env.SERVED_CLUSTER!, 0);
const servers: { process: ChildProcess; port: number }[] = [];
const baseOf = (i: number): string => `http://127.0.0.1:${servers[i]!.port}`;
let client: Client;

async function serve(database: string): Promise<number> {
  const port = await freePort(4860 + servers.length);
  servers.push({ process: await startServer(postgres.url(database), port), port });
  return servers.length - 1;
}

beforeAll(async () => {
  for (const name of ['writers', 'writers_copy']) {
    postgres.createDatabase(name);
    await prepareDatabase(postgres.url(name), { demo: false });
  }
  await serve('writers');
  await serve('writers');
  await serve('writers_copy');
  client = new Client(postgres.url('writers'));
  await client.connect();
}, 120_000);
afterAll(async () => {
  await client.end();
  for (const { process: own } of servers) own.kill('SIGKILL');
});

const post = async (path: string, body: object): Promise<unknown> => {
  const base = baseOf(0);
  const answer = await fetch(base + path, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: base },
    body: JSON.stringify(body),
  });
  expect([path, answer.status]).toEqual([path, answer.ok ? answer.status : 200]);
  return answer.status === 204 ? null : answer.json();
};
const rows = async <T>(sql: string, values: unknown[] = [], own = client): Promise<T[]> =>
  (await own.query(sql, values)).rows as T[];

it('nothing acknowledged is lost, doubled or out of its order while servers are killed, and all of it goes into another studio', async () => {
  const session = crypto.randomUUID();
  await post('/api/sessions', { id: session, session: { title: 'Weir night', held_on: '2031-02-03' } });
  const seats = Array.from({ length: 6 }, (_, i) => ({
    id: crypto.randomUUID(),
    name: `Guest ${i}`,
    wrist_mm: 160 + i,
    wrist_method: 'tape',
    project: 'band-buckle',
  }));
  await post(`/api/sessions/${session}/seats`, { seats });
  const start = 1_000_000;
  await post('/api/shelf/receive', {
    key: crypto.randomUUID(),
    receipts: [
      { item: 'cord/sheathed-4/race', note: '', lots: [{ kind: 'spool', amount: start, place: '', tare: null }] },
    ],
  });
  const [lot] = await rows<{ id: string }>('SELECT id FROM lots');
  const found = await loadWriters({
    bases: [baseOf(0), baseOf(1)],
    session,
    seats: seats.map(({ id }) => id),
    lot: lot!.id,
    writers: WRITERS,
    seconds: SECONDS,
    kills: KILLS,
    kill: async (i) => {
      const own = servers[i % 2]!;
      const ended = new Promise((done) => own.process.once('exit', done));
      own.process.kill('SIGKILL');
      await ended;
      own.process = await startServer(postgres.url('writers'), own.port);
    },
  });

  for (const [kind, table] of [
    ['ledger', 'movements'],
    ['bench', 'seat_progress'],
    ['wrap', 'seat_records'],
  ] as const) {
    const keys = [...found[kind]];
    expect(keys.length).toBeGreaterThan(10);
    const [{ count }] = (await rows<{ count: number }>(
      `SELECT count(*)::int AS count FROM ${table} WHERE key = ANY($1::uuid[])`,
      [keys],
    )) as [{ count: number }];
    expect([kind, count]).toEqual([kind, keys.length]);
  }
  const numbers = await rows<{ n: number }>('SELECT n FROM seat_progress WHERE session_id = $1 ORDER BY n', [session]);
  expect(numbers.map(({ n }) => n)).toEqual(numbers.map((_, i) => i + 1));
  const [sums] = await rows<{ hand: number; moved: number; least: number }>(
    `SELECT l.hand, sum(m.hand)::int AS moved, min(m.course)::int AS least
       FROM lots l JOIN (SELECT *, sum(hand) OVER (PARTITION BY lot ORDER BY id) AS course FROM movements) m ON m.lot = l.id
      GROUP BY l.id`,
  );
  expect(sums!.hand).toBe(sums!.moved);
  expect(sums!.least).toBeGreaterThanOrEqual(0);
  expect(sums!.hand).toBeLessThanOrEqual(start - found.ledger.size);

  // Out of a studio that was killed so often, and into an empty one.
  const archive = Buffer.from(await (await fetch(`${baseOf(0)}/api/export/studio.zip`)).arrayBuffer());
  const imported = await fetch(`${baseOf(2)}/api/import`, {
    method: 'POST',
    headers: { 'content-type': 'application/zip', origin: baseOf(2) },
    body: archive,
  });
  expect([imported.status, await imported.text()]).toEqual([200, expect.stringContaining('rows')]);
  const copy = new Client(postgres.url('writers_copy'));
  await copy.connect();
  for (const table of ['movements', 'lots', 'holds', 'seat_progress', 'seat_records', 'seats', 'sessions', 'people']) {
    const print = `SELECT count(*)::int AS count, sum(hashtextextended(own::text, 0)::numeric)::text AS sum FROM ${table} own`;
    expect([table, await rows(print, [], copy)]).toEqual([table, await rows(print)]);
  }
  await copy.end();
}, 180_000);
