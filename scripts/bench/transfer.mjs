// Exports a studio of many records and movements, and imports it into an empty one: prints one line of JSON with how long each took, how
// much memory the server needed over what it has idle, and how long another request waited meanwhile.
// node scripts/bench/transfer.mjs [RECORDS]
import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream, mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { prepareDatabase, startServer } from '../lib/application.mjs';
import { buildApplication } from '../lib/build.mjs';
import { freePort } from '../lib/ports.mjs';
import { cluster, stateFolder } from '../lib/postgres.mjs';

const records = Number(process.argv[2] ?? 200_000);
const folder = stateFolder(`lapboard-transfer-${process.pid}`);
const files = mkdtempSync(join(tmpdir(), 'lapboard-transfer-'));
const postgres = cluster(folder, 55380, ['-c', 'fsync=off']);
const servers = [];

/** Memory of a server with its threads, kB. */
const memoryOf = ({ pid }) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]);

async function serve(name) {
  const port = await freePort(4840);
  const server = await startServer(postgres.url(name), port);
  servers.push(server);
  const base = `http://127.0.0.1:${port}`;
  // Its first answers load what it needs.
  for (const path of ['/', '/settings', '/api/health']) await (await fetch(base + path)).text();
  return { server, base };
}

/** How long some work takes, with the most memory and the longest wait of another request meanwhile. */
async function measured({ server, base }, work) {
  await new Promise((done) => setTimeout(done, 3000));
  const idle = memoryOf(server);
  let most = idle;
  let slowest = 0;
  let isOver = false;
  const watch = (async () => {
    while (!isOver) {
      most = Math.max(most, memoryOf(server));
      const began = performance.now();
      await (await fetch(`${base}/api/health`)).text();
      slowest = Math.max(slowest, performance.now() - began);
      await new Promise((done) => setTimeout(done, 40));
    }
  })();
  const began = performance.now();
  await work();
  const seconds = (performance.now() - began) / 1000;
  isOver = true;
  await watch;
  return { seconds, megabytes: (most - idle) / 1024, slowest };
}

const TABLES = ['seat_records', 'movements', 'lots', 'holds', 'people', 'sessions', 'seats', 'projects', 'settings'];
const printOf = (name) =>
  TABLES.map((table) =>
    postgres.query(
      name,
      `SELECT count(*) || ' ' || coalesce(sum(hashtextextended(own::text, 0)::numeric), 0) FROM ${table} own`,
    ),
  ).join('|');

try {
  await buildApplication();
  await postgres.start();
  for (const name of ['studio', 'empty']) {
    postgres.createDatabase(name);
    await prepareDatabase(postgres.url(name), { demo: name === 'studio' });
  }
  postgres.query(
    'studio',
    `INSERT INTO seat_records (key, piece, title, maker, planned, seen, said)
       SELECT gen_random_uuid(), gen_random_uuid(), 'bench', own.maker, own.planned, own.seen, own.said
         FROM (SELECT *, row_number() OVER () AS row FROM seat_records WHERE planned IS NOT NULL) own,
              generate_series(1, ${records}) i
        WHERE own.row = 1 + i % (SELECT count(*) FROM seat_records WHERE planned IS NOT NULL);`,
  );
  // A statement each, as movements come: each row of one is another version of its lot until it ends.
  const movements = `INSERT INTO movements (key, kind, lot, hand, held, note)
       SELECT gen_random_uuid(), 'receive', (SELECT id FROM lots ORDER BY number LIMIT 1), 1, 0, 'bench'
         FROM generate_series(1, 500);`;
  postgres.query('studio', movements.repeat(Math.ceil(records / 20 / 500)));
  const full = await serve('studio');
  const empty = await serve('empty');
  const zip = join(files, 'studio.zip');
  const get = (path, file) => async () =>
    pipeline(Readable.fromWeb((await fetch(full.base + path)).body), createWriteStream(join(files, file)));
  const exported = await measured(full, get('/api/export/studio.zip', 'studio.zip'));
  const csv = await measured(full, get('/api/export/records.csv', 'records.csv'));
  let answer = '';
  const imported = await measured(empty, async () => {
    answer = await new Promise((done, failed) => {
      const headers = { 'content-type': 'application/zip', origin: empty.base };
      // An answer that takes minutes: fetch would give up waiting for it.
      const sent = request(`${empty.base}/api/import`, { method: 'POST', headers }, (told) => {
        let text = `${told.statusCode} `;
        told.on('data', (part) => (text += part));
        told.on('end', () => done(text));
      });
      sent.on('error', failed);
      createReadStream(zip).pipe(sent);
    });
  });
  const hash = (name) => createHash('sha256').update(printOf(name)).digest('hex');
  console.log(
    JSON.stringify({
      records,
      zip_mb: statSync(zip).size / 1e6,
      csv_mb: statSync(join(files, 'records.csv')).size / 1e6,
      exported,
      csv,
      imported,
      answer,
      isEqual: hash('studio') === hash('empty'),
    }),
  );
} finally {
  for (const server of servers) server.kill('SIGKILL');
  postgres.stop('immediate');
  rmSync(folder, { recursive: true, force: true });
  rmSync(files, { recursive: true, force: true });
}
