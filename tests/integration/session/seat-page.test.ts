import { describe, expect, it } from 'vitest';
import { randomUUID } from 'node:crypto';
import { homeCards } from '../../../src/app/bench/home-cards';
import { sayAtBench } from '../../../src/app/bench/say';
import { openBench } from '../../../src/app/bench/open-bench';
import { linksOf, revokeLink } from '../../../src/app/bench/seat-link';
import { openSeatPage, sayFromSeat, seatProgress } from '../../../src/app/bench/seat-page';
import { newPairingCode, pairedToday, pairTablet, tabletAt, unpair } from '../../../src/app/bench/tablets';
import { sessionsToday } from '../../../src/app/bench/today';
import { openSession, planOf } from '../../../src/app/session/session';
import { benchOf, courseOf, seatAtWork } from '../../../src/core/bench';
import { dayIn, today } from '../../../src/app/studio/clock';
import { editSettings, openSettings } from '../../../src/app/studio/settings';
import { database } from '../../../src/data/database/connection';
import { freshStudio } from '../support/database';
import { entriesOf, one, roomOf } from '../support/room';

freshStudio();
process.env.LAPBOARD_SECRET = 'ab'.repeat(32);

describe('a seat’s own page', () => {
  const linkOf = async (id: string, seat: string): Promise<string> => (await linksOf(id)).get(seat)!;

  it('shows its piece, a first name and nothing of anybody else', async () => {
    const { id, seats } = await roomOf(today(), ['Ada Weirside', 'Bo Lockgate']);
    await sayAtBench(id, [one(null, 'begin'), one(seats[1]!, 'made', 7)], 'desk');
    const { page } = await openSeatPage(await linkOf(id, seats[0]!));
    expect(page).toMatchObject({ number: 1, first: 'Ada', project: 'Buckle band' });
    const text = JSON.stringify(page);
    for (const other of ['Weirside', 'Lockgate', seats[1]!, id]) expect(text).not.toContain(other);
    expect(text).not.toMatch(/\bBo\b/);
    expect(page.entries.map(({ what }) => what)).toEqual(['begin']);
  });

  it('says its own progress, of no other seat', async () => {
    const { id, seats } = await roomOf();
    const link = await linkOf(id, seats[0]!);
    await sayFromSeat(link, [one(seats[0]!, 'made', 1), one(seats[0]!, 'help')]);
    expect((await entriesOf(id)).map(({ what, by }) => [what, by])).toEqual([
      ['made', 'own page'],
      ['help', 'own page'],
    ]);
    await expect(sayFromSeat(link, [one(seats[1]!, 'made', 1)])).rejects.toThrow(/own seat only/);
    expect((await seatProgress(link)).entries).toHaveLength(2);
  });

  it('keeps the order in which things were pressed, however long each was on its way', async () => {
    const { id, seats } = await roomOf();
    const link = await linkOf(id, seats[0]!);
    const { page } = await openSeatPage(link);
    const [first, second] = [page.steps[2]!.id, page.steps[3]!.id];
    await sayFromSeat(link, [one(seats[0]!, 'step', first)]);
    // Pressed a moment after the first, while that was on its way for two seconds, and itself taken at once.
    await sayFromSeat(link, [{ ...one(seats[0]!, 'step', second), ago_ms: 2000 }]);
    const stored = benchOf(await entriesOf(id), () => 0);
    expect(seatAtWork(stored, seats[0]!).step).toBe(second);
    const seen = benchOf((await seatProgress(link)).entries, () => 0);
    expect(seatAtWork(seen, seats[0]!).step).toBe(second);
  });

  it('is sent no key but its own, and undoes nothing but what it entered itself', async () => {
    const { id, seats } = await roomOf();
    const link = await linkOf(id, seats[0]!);
    const [begin, helped, own] = [one(null, 'begin'), one(seats[0]!, 'made', 4), one(seats[0]!, 'made', 1)];
    await sayAtBench(id, [begin, helped, one(seats[1]!, 'done')], 'Tablet 1');
    const { entries } = await sayFromSeat(link, [own]);
    expect(entries.map(({ what }) => what)).toEqual(['begin', 'made', 'made']);
    const sent = JSON.stringify(entries);
    for (const foreign of [begin.key, helped.key, 'Tablet 1', seats[1]!]) expect(sent).not.toContain(foreign);
    for (const foreign of [begin.key, helped.key, randomUUID(), entries[0]!.key])
      await expect(sayFromSeat(link, [one(seats[0]!, 'undo', foreign)])).rejects.toMatchObject({ code: 'not-own' });
    // Neither by an entry that names another seat, nor together with one of its own.
    await expect(sayFromSeat(link, [one(null, 'undo', begin.key)])).rejects.toThrow(/own seat only/);
    await expect(sayFromSeat(link, [one(seats[0]!, 'help'), one(seats[0]!, 'undo', begin.key)])).rejects.toThrow();
    expect(await entriesOf(id)).toHaveLength(4);
    await sayFromSeat(link, [one(seats[0]!, 'undo', own.key)]);
    expect((await seatProgress(link)).entries.map(({ what, value }) => [what, value])).toEqual([
      ['begin', null],
      ['made', 4],
    ]);
  });

  it('counts as far as its piece has knots, and stays small however often it is pressed', async () => {
    const { id, seats } = await roomOf();
    const link = await linkOf(id, seats[0]!);
    const ties = courseOf(planOf(await openSession(id)).seats[0]!.plan).ties;
    expect(ties).toBeGreaterThan(10);
    for (let i = 0; i < 25; i++)
      await sayFromSeat(
        link,
        Array.from({ length: 100 }, () => one(seats[0]!, 'made', 1)),
      );
    expect(await entriesOf(id)).toHaveLength(ties);
    for (let i = 0; i < 6; i++)
      await sayFromSeat(
        link,
        Array.from({ length: 50 }, (_, k) => one(seats[0]!, 'step', `step ${k}`)).flatMap((step) => [
          step,
          one(seats[0]!, 'made', -1),
          one(seats[0]!, 'made', 1),
        ]),
      );
    const { entries } = await seatProgress(link);
    expect(JSON.stringify(entries).length).toBeLessThan(100_000);
    expect(
      seatAtWork(
        benchOf(entries, () => 0),
        seats[0]!,
      ).made,
    ).toBe(ties);
    const { entries: bench } = await openBench(id);
    expect(JSON.stringify(bench).length).toBeLessThan(200_000);
  }, 60_000);

  it('opens on its session’s day alone, in the studio’s time zone', async () => {
    const { settings, version } = await openSettings();
    const east = 'Pacific/Kiritimati';
    const west = 'Pacific/Pago_Pago';
    await expect(editSettings(version, { ...settings, time_zone: 'Wendmere/Mill' })).rejects.toThrow(/no time zone/);
    // It is never the same day in both.
    expect(dayIn(east)).not.toBe(dayIn(west));
    const { id, seats } = await roomOf(dayIn(east));
    const link = await linkOf(id, seats[0]!);
    const { version: next } = await editSettings(version, { ...settings, time_zone: east });
    expect((await openSeatPage(link)).page.number).toBe(1);
    expect((await sessionsToday()).map((session) => session.id)).toEqual([id]);
    await editSettings(next, { ...settings, time_zone: west });
    await expect(openSeatPage(link)).rejects.toThrow(/does not open/);
    expect(await sessionsToday()).toEqual([]);
  });

  it('does not open by a link that was revoked, bent, of another secret, or made up: all of them are told the same', async () => {
    const { id, seats } = await roomOf();
    const old = await linkOf(id, seats[0]!);
    const { link } = await revokeLink(id, seats[0]!);
    expect(link).not.toBe(old);
    expect((await openSeatPage(link)).page.number).toBe(1);
    const bent = [...Array(43).keys()].map(
      (at) => link.slice(0, at) + (link[at] === 'A' ? 'B' : 'A') + link.slice(at + 1),
    );
    const told = new Set<string>();
    for (const wrong of [old, ...bent.slice(0, 42), '', 'A'.repeat(43), `${link}A`, '../../etc', link.toLowerCase()])
      await openSeatPage(wrong).then(
        () => told.add(`opened ${wrong}`),
        (error: Error) => told.add(error.message),
      );
    expect([...told]).toHaveLength(1);
    expect([...told][0]).toMatch(/does not open/);
    process.env.LAPBOARD_SECRET = 'cd'.repeat(32);
    await expect(openSeatPage(link)).rejects.toThrow(/does not open/);
    process.env.LAPBOARD_SECRET = 'ab'.repeat(32);
  });

  it('goes home on a card that says where it is: how many, who leads next, and what is left', async () => {
    const { id, seats } = await roomOf();
    await sayAtBench(id, [one(seats[0]!, 'made', 9), one(seats[0]!, 'home'), one(seats[1]!, 'done')], 'desk');
    const { cards } = await homeCards(id, null);
    expect(cards).toHaveLength(1);
    expect(cards[0]).toMatchObject({ number: 1, label: 'Ada', made: 9, words: 'half knots', next: { from: 'right' } });
    expect(cards[0]!.rest.join(' ')).toMatch(/ends.*are next.*Push the prongs in/);
    expect((await homeCards(id, seats[1]!)).cards).toHaveLength(1);
  });
});

describe('a tablet', () => {
  it('is paired by a code that works once, however it is typed', async () => {
    const { code } = await newPairingCode();
    const { token, tablet } = await pairTablet(` ${code.slice(0, 4).toLowerCase()}-${code.slice(4)} `);
    expect(tablet.name).toBe('Tablet 1');
    await expect(pairTablet(code)).rejects.toThrow(/does not pair/);
    const here = await roomOf();
    expect(await tabletAt(token, here.id)).toMatchObject({ name: 'Tablet 1' });
    // Of another day’s session it sees nothing, nor once it is unpaired.
    const other = await roomOf('2031-01-01', ['Cy']);
    expect(await tabletAt(token, other.id)).toBeNull();
    expect(await tabletAt('no such token', here.id)).toBeNull();
    await unpair(tablet.id);
    expect(await tabletAt(token, here.id)).toBeNull();
    expect(await pairedToday()).toEqual([]);
  });

  it('is not paired by a code that is past, nor for another day than it was paired on', async () => {
    const { code } = await newPairingCode();
    await database().query("UPDATE pairing_codes SET until = now() - interval '1 second'");
    await expect(pairTablet(code)).rejects.toThrow(/does not pair/);
    const { token } = await pairTablet((await newPairingCode()).code);
    await database().query('UPDATE tablets SET day = day - 1');
    expect(await tabletAt(token, null)).toBeNull();
  });

  it('two at once by one code: one of them is', async () => {
    const { code } = await newPairingCode();
    const both = await Promise.allSettled([pairTablet(code), pairTablet(code)]);
    expect(both.filter(({ status }) => status === 'fulfilled')).toHaveLength(1);
  });
});
