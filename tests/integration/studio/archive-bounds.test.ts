import { readFileSync } from 'node:fs';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { openSession, pageOfSessions, planOf } from '../../../src/app/session/session';
import { openSettings } from '../../../src/app/studio/settings';
import { Problem } from '../../../src/core/problem';
import { chance } from '../../fuzz/generate';
import { everything, exported, imported, packed } from '../support/archive';
import { emptyStudio, freshStudio } from '../support/database';

freshStudio();

const FIXTURES = new URL('../../fixtures/levels/', import.meta.url);

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

  it('is what can be used: an archive mutated anywhere is refused in words, or comes in and out again', async () => {
    const random = chance(9_117);
    const tables = JSON.parse(
      JSON.stringify(
        Object.fromEntries(
          Object.entries(unzipSync(readFileSync(new URL('level-11.zip', FIXTURES)))).map(([name, bytes]) => [
            name.replace('.json', ''),
            JSON.parse(strFromU8(bytes)) as unknown,
          ]),
        ),
      ),
    ) as Record<string, Record<string, unknown>[]>;
    delete tables.manifest;
    const told = new Map<string, number>();
    for (let i = 0; i < MUTATIONS; i++) {
      const spoilt = structuredClone(tables);
      for (let k = 0; k <= random() * 3; k++) mutate(spoilt, random);
      const came = await imported(packed(spoilt, 9)).then(
        () => 'in',
        (error: Problem) => (error instanceof Problem ? error.code : `threw ${String(error)}`),
      );
      told.set(came, (told.get(came) ?? 0) + 1);
      if (came !== 'in') continue;
      await exported();
      await openSettings();
      for (const { id } of (await pageOfSessions(1)).lines) planOf(await openSession(id));
      await emptyStudio();
    }
    expect([...told.keys()].sort()).toEqual(['archive', 'in']);
  }, 120_000);

  it('three at once: one comes in whole, the others are told why not', async () => {
    const archive = readFileSync(new URL('level-11.zip', FIXTURES));
    const answers = await Promise.allSettled([imported(archive), imported(archive), imported(archive)]);
    expect(answers.filter(({ status }) => status === 'fulfilled')).toHaveLength(1);
    for (const answer of answers)
      if (answer.status === 'rejected')
        expect(['importing', 'not-empty']).toContain((answer.reason as { code: string }).code);
    expect((await pageOfSessions(1)).lines.length).toBeGreaterThan(0);
  });
});

/** Mutations here; `npm run bench` tries many more. */
const MUTATIONS = Number(process.env.MUTATIONS ?? 15);
const WILD: readonly unknown[] = [
  null,
  '',
  'x',
  -1,
  1e300,
  1e20,
  0.5,
  true,
  [],
  {},
  ['x'],
  { adults: 'x' },
  '2030-02-30',
];

/** Puts something wild in a random place of a random row, or takes a row or a column away. */
function mutate(tables: Record<string, unknown[]>, random: () => number): void {
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
  const name = pick(Object.keys(tables).filter((table) => tables[table]!.length > 0));
  const at = Math.floor(random() * tables[name]!.length);
  const kind = random();
  if (kind < 0.1) return void tables[name]!.splice(at, 1);
  if (kind < 0.2) return void tables[name]!.push(structuredClone(tables[name]![at]));
  let value = tables[name]![at] as Record<string, unknown>;
  for (;;) {
    const key = pick(Object.keys(value));
    const inner = value[key];
    if (typeof inner === 'object' && inner !== null && Object.keys(inner).length > 0 && random() < 0.7)
      value = inner as Record<string, unknown>;
    else if (kind < 0.3) return void delete value[key];
    else return void (value[key] = pick(WILD));
  }
}

const figuresOf = (all: Record<string, Record<string, unknown>[]>): Record<string, number> =>
  (all.settings!.at(-1)!.doc as { figures: Record<string, number> }).figures;
