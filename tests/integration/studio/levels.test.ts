import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { strFromU8, unzipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { openGallery } from '../../../src/app/studio/gallery';
import { openSession, pageOfSessions, planOf } from '../../../src/app/session/session';
import { openSettings } from '../../../src/app/studio/settings';
import { stockStudio } from '../../../src/app/studio/studio';
import { openToday } from '../../../src/app/session/today';
import { closeDatabase, database } from '../../../src/data/database/connection';
import { migrate } from '../../../src/data/database/migrate';
import { everything, exported, imported } from '../support/archive';
import { emptyStudio, freshStudio } from '../support/database';
import { expectLedgerTrue } from '../support/shelf';

freshStudio();

const FIXTURES = new URL('../../fixtures/levels/', import.meta.url);
const named = (pattern: RegExp): string[] =>
  readdirSync(FIXTURES)
    .filter((name) => pattern.test(name))
    .sort((a, b) => Number(/\d+/.exec(a)![0]) - Number(/\d+/.exec(b)![0]));

/** Puts a dump of an earlier version in place of this database's tables, and migrates it as a start does. */
async function restore(dump: string): Promise<void> {
  const url = new URL(process.env.DATABASE_URL!);
  await database().query('DROP SCHEMA public CASCADE; CREATE SCHEMA public');
  const { status, stderr } = spawnSync(
    'psql',
    [
      '-q',
      '-v',
      'ON_ERROR_STOP=1',
      '-h',
      url.hostname,
      '-p',
      url.port,
      '-U',
      url.username,
      '-d',
      url.pathname.slice(1),
    ],
    {
      input: gunzipSync(readFileSync(new URL(dump, FIXTURES))),
      env: { ...process.env, PGPASSWORD: decodeURIComponent(url.password) },
      encoding: 'utf8',
    },
  );
  expect([status, stderr]).toEqual([0, '']);
  // The dump empties the search path of its own connection only; connections of the pool know the old tables.
  await closeDatabase();
  await migrate();
  await stockStudio();
}

/** What every screen of a studio rests on can be opened. */
async function expectUsable(): Promise<void> {
  await expectLedgerTrue();
  const { lines } = await pageOfSessions(1);
  expect(lines.length).toBeGreaterThan(0);
  for (const { id } of lines) {
    const { seats } = planOf(await openSession(id));
    expect(seats.length).toBeGreaterThan(0);
    expect(seats.flatMap(({ plan }) => plan.messages.map(({ code }) => code))).not.toContain('broken');
  }
  await openToday('2026-12-01');
  await openSettings();
  const gallery = await openGallery({ skill: null, age: null, minutes: null, onShelf: false, noFlame: false });
  expect(JSON.stringify(gallery)).toContain('bead-row-slider');
}

describe('a studio begun on an earlier version', () => {
  it.each(named(/\.sql\.gz$/))(
    '%s is migrated, and its archive comes back equal',
    async (dump) => {
      await restore(dump);
      await expectUsable();
      const [before, archive] = [await everything(), await exported()];
      await emptyStudio();
      await imported(archive);
      expect(await everything()).toEqual(before);
      await expectUsable();
    },
    60_000,
  );

  it.each(named(/\.zip$/))('%s, an archive it made then, comes in and out again', async (name) => {
    await imported(readFileSync(new URL(name, FIXTURES)));
    await stockStudio();
    await expectUsable();
    const [before, archive] = [await everything(), await exported()];
    await emptyStudio();
    await imported(archive);
    expect(await everything()).toEqual(before);
  });

  it('keeps every length as it was cut then', async () => {
    const lengths = (rows: unknown): string[] =>
      [...JSON.stringify(rows).matchAll(/"length_mm":(\d+)/g)].map(([, mm]) => mm!);
    for (const name of named(/\.zip$/)) {
      const zip = readFileSync(new URL(name, FIXTURES));
      await emptyStudio();
      await imported(zip);
      const then = JSON.parse(strFromU8(unzipSync(zip)['sessions.json']!)) as { cut_done: unknown }[];
      const now = (await everything()).sessions!;
      const cutOf = (rows: readonly { cut_done?: unknown }[]) => lengths(rows.map(({ cut_done }) => cut_done)).sort();
      expect(cutOf(then).length, name).toBeGreaterThan(0);
      expect(cutOf(now), name).toEqual(cutOf(then));
    }
  });

  it('took absurd values: they go, what is plausible stays', async () => {
    await restore('level-11.sql.gz');
    await database().query(`
      UPDATE sessions SET room = '{"adults": "x"}' WHERE id = (SELECT min(id::text)::uuid FROM sessions);
      INSERT INTO seat_records (key, piece, maker, planned, said)
        SELECT gen_random_uuid(), gen_random_uuid(), gen_random_uuid(), planned,
               '{"band_mm": 1e20, "fits": "right", "left": {"0": {"mm": [5e9]}}}'::jsonb
          FROM seat_records WHERE planned IS NOT NULL LIMIT 1`);
    // As if the last migration came only now.
    await database().query(
      `DROP TABLE transfers; ALTER TABLE projects DROP COLUMN rules; DELETE FROM migrations WHERE name LIKE '012%'`,
    );
    await migrate();
    const before = await everything();
    expect(before.seat_records!.at(-1)).toMatchObject({ said: { fits: 'right' } });
    expect(JSON.stringify(before.seat_records)).not.toMatch(/1e20|100000000000000000000|5000000000/);
    const archive = await exported();
    await emptyStudio();
    await imported(archive);
    expect(await everything()).toEqual(before);
  });
});
