import { randomUUID } from 'node:crypto';
import { mkdtempSync, readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { sayAtBench } from '../../../src/app/bench/say';
import { forgetPerson, openPerson, openTraces } from '../../../src/app/people/people';
import { moveLot } from '../../../src/app/shelf/move-lot';
import { deleteOldDumps, makeDump, openDumps } from '../../../src/app/archive/dumps';
import { openSession } from '../../../src/app/session/session';
import { database } from '../../../src/data/database/connection';
import { everything, exported } from '../support/archive';
import { freshStudio } from '../support/database';
import { one } from '../support/room';
import { CORD, expectLedgerTrue, session, stock } from '../support/shelf';

freshStudio();

const NAME = 'Ottoline Wrackmoor';

/** A session in which others' texts name somebody: a seat's note, a table, the ledger, the title itself. */
async function named() {
  const view = await session(`Party for ottoline wrackmoor`, '2031-05-04', [NAME, 'Bo Trow']);
  const [her, bo] = [view.seats.find(({ name }) => name === NAME)!, view.seats.find(({ name }) => name !== NAME)!];
  await database().query('UPDATE seats SET note = $1 WHERE id = $2', {
    bind: ['Sits beside Ottoline, not Wrackmoorland', bo.id],
  });
  await sayAtBench(view.session.id, [one(bo.id, 'table', 'Table of Wrackmoor'), one(bo.id, 'help')], 'desk');
  const lot = await stock(CORD, 9000);
  await moveLot(lot, { key: randomUUID(), kind: 'waste', amount: 100, note: 'Frayed by Ottoline Wrackmoor' });
  return { id: view.session.id, person: her.person_id, bo };
}

describe('somebody who is erased', () => {
  it('is found in every text that names them elsewhere, and taken out of those that were decided on', async () => {
    const { id, person, bo } = await named();
    const { traces } = await openTraces(person);
    expect(traces.map(({ place, text }) => [place, text]).sort()).toEqual([
      ['bench entry', 'Table of Wrackmoor'],
      ['ledger note', 'Frayed by Ottoline Wrackmoor'],
      ['seat note', 'Sits beside Ottoline, not Wrackmoorland'],
      ['session title', 'Party for ottoline wrackmoor'],
    ]);
    const { version } = await openPerson(person);
    await forgetPerson(person, { version, traces });
    const left = JSON.stringify(await everything());
    expect(left).not.toMatch(/ottoline|wrackmoor(?!land)/i);
    const view = await openSession(id);
    expect(view.session.title).toBe('Party for [name removed]');
    expect(view.seats.find((seat) => seat.id === bo.id)!.note).toBe('Sits beside [name removed], not Wrackmoorland');
    await expectLedgerTrue();
    expect((await exported()).length).toBeGreaterThan(0);
    // What may be changed for that is the words, and only then.
    await expect(database().query("UPDATE movements SET note = 'x'")).rejects.toThrow(/not edited/);
    await expect(
      database().query("SELECT set_config('lapboard.erasing', 'yes', false); UPDATE movements SET hand = 1"),
    ).rejects.toThrow(/not edited/);
  });

  it('stays in texts that somebody left, which are another person’s', async () => {
    const { person } = await named();
    const { traces } = await openTraces(person);
    const kept = traces.filter(({ place }) => place !== 'seat note');
    await forgetPerson(person, { version: (await openPerson(person)).version, traces: kept });
    expect((await everything()).seats!.map(({ note }) => note)).toContain('Sits beside Ottoline, not Wrackmoorland');
  });

  it.each(['O.', '(', 'a|b', 'Ää Öö', '.*', "D'Arcy-Weir"])(
    'is found by the letters of %s, whatever a pattern would make of them',
    async (name) => {
      const view = await session(`Beside ${name.toUpperCase()}, by the door`, '2031-05-04', [name, 'Bo']);
      await session('Nobody by that name: xaby', '2031-05-05', ['Cy']);
      const person = view.seats.find((seat) => seat.name === name)!.person_id;
      const { traces } = await openTraces(person);
      expect(traces.map(({ place }) => place)).toEqual(['session title']);
      await forgetPerson(person, { version: (await openPerson(person)).version, traces });
      expect((await openSession(view.session.id)).session.title).toBe('Beside [name removed], by the door');
    },
  );
});

describe('dumps', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'lapboard-dumps-'));
    process.env.LAPBOARD_DUMPS = folder;
    process.env.LAPBOARD_PG_DUMP = 'pg_dump';
  });
  afterEach(() => {
    delete process.env.LAPBOARD_DUMPS;
    delete process.env.LAPBOARD_PG_DUMP;
    rmSync(folder, { recursive: true, force: true });
  });
  const dated = (name: string, daysAgo: number): void => {
    writeFileSync(join(folder, name), '');
    const at = Date.now() / 1000 - daysAgo * 86_400;
    utimesSync(join(folder, name), at, at);
  };

  it('go when they are thirty days old, and all but the newest five', async () => {
    for (const days of [31, 29, 9, 8, 7, 6, 5]) dated(`${days}.dump`, days);
    writeFileSync(join(folder, 'notes.txt'), 'of somebody else');
    await deleteOldDumps();
    expect(readdirSync(folder).sort()).toEqual(['5.dump', '6.dump', '7.dump', '8.dump', '9.dump', 'notes.txt']);
  });

  it('with somebody in them are named before the erasing, and made anew or deleted with it', async () => {
    const { person } = await named();
    await makeDump();
    const before = await openTraces(person);
    expect(before.dumps).toMatchObject({ count: 1 });
    const [old] = readdirSync(folder);
    await forgetPerson(person, { version: (await openPerson(person)).version, dumps: 'remake' });
    const now = readdirSync(folder);
    expect(now).toHaveLength(1);
    expect(now[0]).not.toBe(old);
    const { seats } = await session('Evening', '2031-06-04', ['Ada']);
    await forgetPerson(seats[0]!.person_id, { version: 1, dumps: 'delete' });
    expect(await openDumps()).toMatchObject({ count: 0, oldest: null });
  });
});
