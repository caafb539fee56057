import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { STUDIO_TABLES } from '../../src/data/archive';
import { readArchive } from '../../src/formats/archive';
import { openArchive } from '../../src/threads/open-archive';
import { ENDPOINTS, patternOf, templateOf } from '../fuzz/endpoints';
import { fuzz } from '../fuzz/send';

/** So many here; `npm run bench` sends twenty thousand. */
const MANY = 900;

it('nothing that is sent to any endpoint brings it down, hangs it, or has it tell its inside', async () => {
  const { faults, statuses } = await fuzz(
    { home: process.env.SERVED_URL!, room: process.env.SERVED_ROOM! },
    20_261,
    MANY,
    4,
  );
  expect(faults).toEqual([]);
  // It got past the door, and was refused in every way there is.
  for (const status of [200, 400, 401, 404, 405, 409, 421, 422]) expect([...statuses.keys()]).toContain(status);
  expect((await fetch(`${process.env.SERVED_URL}/api/health`)).status).toBe(200);
  // Whatever was stored by then is what an import takes.
  const folder = mkdtempSync(join(tmpdir(), 'lapboard-fuzzed-'));
  const path = join(folder, 'studio.zip');
  writeFileSync(
    path,
    Buffer.from(await (await fetch(`${process.env.SERVED_URL}/api/export/studio.zip`)).arrayBuffer()),
  );
  const archive = await openArchive(path);
  let rows = 0;
  for await (const batch of readArchive(archive, STUDIO_TABLES, new Date().toISOString())) rows += batch.rows;
  archive.close();
  rmSync(folder, { recursive: true });
  expect(rows).toBeGreaterThan(100);
}, 240_000);

it('every endpoint there is, is tried', () => {
  const folder = new URL('../../src/pages/api/', import.meta.url);
  const files = readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => name.endsWith('.ts'));
  const there = files.flatMap((file) =>
    [...readFileSync(new URL(file, folder), 'utf8').matchAll(/export const (GET|POST|PUT|PATCH|DELETE)\b/g)].map(
      ([, method]) => `${method} ${patternOf(file)}`,
    ),
  );
  const tried = new Set(ENDPOINTS.map(([method, path]) => `${method} ${templateOf(path)}`));
  // What goes on as long as somebody listens is tried in bench.test.ts.
  expect(there.filter((one) => !tried.has(one))).toEqual(['GET /api/bench/*/events']);
  expect(there.length).toBeGreaterThan(40);
});
