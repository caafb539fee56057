import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { afterAll, describe, expect, it } from 'vitest';
import { openGallery } from '../../../src/app/studio/gallery';
import { openSession, pageOfSessions, planOf } from '../../../src/app/session/session';
import { openSettings } from '../../../src/app/studio/settings';
import { stockStudio } from '../../../src/app/studio/studio';
import { openToday } from '../../../src/app/session/today';
import { closeDatabase, database } from '../../../src/data/database/connection';
import { migrate } from '../../../src/data/database/migrate';
import { everything, exported, imported, packed } from '../support/archive';
import { emptyStudio, freshStudio } from '../support/database';
import { expectLedgerTrue } from '../support/shelf';

freshStudio();

const FIXTURES = new URL('../../fixtures/levels/', import.meta.url);
const named = (pattern: RegExp): string[] =>
  readdirSync(FIXTURES)
    .filter((name) => pattern.test(name))
    .sort((a, b) => Number(/\d+/.exec(a)![0]) - Number(/\d+/.exec(b)![0]));
const HERE = process.env.DATABASE_URL!;
afterAll(() => {
  process.env.DATABASE_URL = HERE;
});

/** A dump of an earlier version put back beside this database's own tables, in a schema that is used as if it were the only one. */
async function restore(dump: string): Promise<void> {
  const url = new URL(HERE);
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

describe('what an archive may hold', () => {
  it.each<[string, (tables: Record<string, Record<string, unknown>[]>) => void, RegExp]>([
    ['a room that is none', (all) => (all.sessions![0]!.room = { adults: 'x' }), /sessions\.json: \/0\/room/],
    ['a figure past any', (all) => (figuresOf(all).ease_easy = 1e300), /settings\.json: .*ease_easy/],
    ['a figure past its limits', (all) => (figuresOf(all).ease_easy = 900), /settings\.json: .*ease_easy/],
    ['a column of its own', (all) => (all.people![0]!.admin = true), /people\.json: \/0\/admin is not a column/],
    ['an absurd record', (all) => (all.seat_records![0]!.said = { band_mm: 1e20 }), /seat_records\.json: \/0\/said/],
    [
      'a word of the bench that is none',
      (all) => (all.seat_progress![0]!.what = 'fly'),
      /seat_progress\.json: \/0\/what/,
    ],
    ['a count without end', (all) => (all.seat_progress![0]!.value = 1e300), /seat_progress\.json: \/0\/value/],
    ['a wrist of an elephant', (all) => (all.wrists![0]!.mm = 1400), /wrists\.json: \/0\/mm/],
    ['no people at all, but their seats', (all) => (all.people = []), /does not fit/],
  ])('is not %s: it is refused whole, with its place', async (_, spoil, words) => {
    await imported(readFileSync(new URL('level-11.zip', FIXTURES)));
    const tables = structuredClone(await everything()) as Record<string, Record<string, unknown>[]>;
    await emptyStudio();
    const before = await everything();
    spoil(tables);
    await expect(imported(packed(tables))).rejects.toThrow(words);
    expect(await everything()).toEqual(before);
  });

  it('is read in the memory of a row: nested without end, it is refused', async () => {
    const deep = `[{"id": ${'['.repeat(100_000)}${']'.repeat(100_000)}}]`;
    const bytes = packed({ people: [] });
    const spoiled = zipSync({ ...unzipSync(bytes), 'people.json': strToU8(deep) });
    await expect(imported(spoiled)).rejects.toThrow(/people\.json is nested too deep/);
  });

  it('three at once: one comes in whole, the others are told why not', async () => {
    const archive = readFileSync(new URL('level-11.zip', FIXTURES));
    const answers = await Promise.allSettled([imported(archive), imported(archive), imported(archive)]);
    expect(answers.filter(({ status }) => status === 'fulfilled')).toHaveLength(1);
    for (const answer of answers)
      if (answer.status === 'rejected')
        expect(['importing', 'not-empty']).toContain((answer.reason as { code: string }).code);
    await expectUsable();
  });
});

const figuresOf = (all: Record<string, Record<string, unknown>[]>): Record<string, number> =>
  (all.settings!.at(-1)!.doc as { figures: Record<string, number> }).figures;
