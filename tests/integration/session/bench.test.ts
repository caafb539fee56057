import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { followBench, endFeeds } from '../../../src/app/bench/feed';
import { homeCards } from '../../../src/app/bench/home-cards';
import { openBench } from '../../../src/app/bench/open-bench';
import { offcutsFor } from '../../../src/app/bench/room-stock';
import { sayAtBench } from '../../../src/app/bench/say';
import { linksOf, revokeLink } from '../../../src/app/bench/seat-link';
import { openSeatPage, sayFromSeat, seatProgress } from '../../../src/app/bench/seat-page';
import { newPairingCode, pairedToday, pairTablet, tabletAt, unpair } from '../../../src/app/bench/tablets';
import { sessionsToday } from '../../../src/app/bench/today';
import { removeSeat } from '../../../src/app/session/edit-seats';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, openSession, planOf } from '../../../src/app/session/session';
import { receiveStock } from '../../../src/app/shelf/receive';
import { dayIn, today } from '../../../src/app/studio/clock';
import { editSettings, openSettings } from '../../../src/app/studio/settings';
import type { ProgressEntry, Said, What } from '../../../src/core/bench';
import { stagesOf } from '../../../src/core/session';
import { database } from '../../../src/data/database/connection';
import { freshStudio } from '../support/database';

freshStudio();
process.env.LAPBOARD_SECRET = 'ab'.repeat(32);

const roomOf = async (held_on = today(), names = ['Ada', 'Bo']): Promise<{ id: string; seats: string[] }> => {
  const id = randomUUID();
  await createSession(id, { title: 'Tide club', held_on, minutes: 60 });
  const seats = names.map((name) => ({
    id: randomUUID(),
    name,
    wrist_mm: 165,
    wrist_method: 'tape' as const,
    project: 'band-buckle',
    cords: { whole: { cord: 'sheathed-4', colours: ['race'] } },
  }));
  await addSeats(id, seats);
  return { id, seats: seats.map((seat) => seat.id) };
};
const one = (seat: string | null, what: What, value: Said['value'] = null, ago_ms = 0): Said => ({
  key: randomUUID(),
  seat,
  what,
  value,
  ago_ms,
});
const entriesOf = async (id: string): Promise<readonly ProgressEntry[]> => (await openBench(id)).entries;
/** Until something is so, or a moment has passed. */
async function until(is: () => boolean): Promise<void> {
  for (let i = 0; i < 200 && !is(); i++) await new Promise((done) => setTimeout(done, 20));
}

describe('what is said at a bench', () => {
  it('is stored once, however often it is sent, in order, with when and by whom', async () => {
    const { id, seats } = await roomOf();
    const said = [one(null, 'begin', null, 60_000), one(seats[0]!, 'made', 5), one(seats[0]!, 'step', 'knot 1')];
    expect((await sayAtBench(id, said, 'desk')).added.map(({ n }) => n)).toEqual([1, 2, 3]);
    expect((await sayAtBench(id, [...said, one(seats[1]!, 'help')], 'Tablet 1')).added.map(({ n }) => n)).toEqual([4]);
    const entries = await entriesOf(id);
    expect(entries.map(({ what, by, value }) => [what, by, value])).toEqual([
      ['begin', 'desk', null],
      ['made', 'desk', 5],
      ['step', 'desk', 'knot 1'],
      ['help', 'Tablet 1', null],
    ]);
    // A device whose clock is years off says how long ago, and that is when it was.
    expect(Date.now() - Date.parse(entries[0]!.at)).toBeGreaterThan(59_000);
    expect(Date.now() - Date.parse(entries[0]!.at)).toBeLessThan(70_000);
  });

  it('by many at once is numbered without a gap, each once', async () => {
    const { id, seats } = await roomOf();
    const said = Array.from({ length: 40 }, () => one(seats[0]!, 'made', 1));
    await Promise.all([...said, ...said.slice(0, 15)].map((each) => sayAtBench(id, [each], 'desk')));
    const entries = await entriesOf(id);
    expect(entries.map(({ n }) => n)).toEqual(Array.from({ length: 40 }, (_, i) => i + 1));
    expect(new Set(entries.map(({ key }) => key)).size).toBe(40);
  });

  it('of a seat that is not there is told and holds nothing up; of one that is taken away it is nobody’s', async () => {
    const { id, seats } = await roomOf();
    const lost = one(randomUUID(), 'help');
    const answer = await sayAtBench(id, [lost, one(seats[0]!, 'done')], 'desk');
    expect(answer.nobody).toEqual([lost.key]);
    expect(answer.added).toHaveLength(1);
    const { seats: rows } = await openSession(id);
    await removeSeat(seats[0]!, id, rows.find((seat) => seat.id === seats[0])!.version);
    expect((await entriesOf(id)).map(({ seat }) => seat)).toEqual([null]);
    expect((await sayAtBench(id, [one(seats[1]!, 'help')], 'desk')).added[0]!.n).toBe(2);
  });

  it('ties the bench’s knot once everybody is done, gone home or never came', async () => {
    const { id, seats } = await roomOf();
    const knot = async () => {
      const view = await openSession(id);
      return stagesOf(planOf(view).seats, null, null, view.bench).find(({ stage }) => stage === 'bench')!;
    };
    expect((await knot()).line).toBe('Not begun yet.');
    await sayAtBench(id, [one(null, 'begin'), one(seats[0]!, 'done')], 'desk');
    expect(await knot()).toMatchObject({ line: '1 done, 1 seat at work.' });
    await sayAtBench(id, [one(seats[1]!, 'home')], 'desk');
    expect(await knot()).toMatchObject({ state: 'tied', line: '1 done, 1 goes on at home.' });
  });
});

describe('whoever follows a bench', () => {
  it('has all from where it was, then each as it is stored, once and in order; of no other session', async () => {
    const [here, there] = [await roomOf(), await roomOf(today(), ['Cy'])];
    await sayAtBench(here.id, [one(null, 'begin'), one(here.seats[0]!, 'made', 1)], 'desk');
    const heard: number[] = [];
    const stop = followBench(
      here.id,
      1,
      (entries) => heard.push(...entries.map(({ n }) => n)),
      () => undefined,
    );
    await until(() => heard.length === 1);
    await Promise.all([
      ...Array.from({ length: 20 }, () => sayAtBench(here.id, [one(here.seats[0]!, 'made', 1)], 'desk')),
      sayAtBench(there.id, [one(null, 'begin')], 'desk'),
    ]);
    await until(() => heard.length === 21);
    expect(heard).toEqual(Array.from({ length: 21 }, (_, i) => i + 2));
    stop();
  });

  it('misses nothing when the connection that listens is cut', async () => {
    const { id, seats } = await roomOf();
    const heard: number[] = [];
    const stop = followBench(
      id,
      0,
      (entries) => heard.push(...entries.map(({ n }) => n)),
      () => undefined,
    );
    await sayAtBench(id, [one(null, 'begin')], 'desk');
    await until(() => heard.length === 1);
    await database().query(
      "SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE application_name = 'lapboard bench'",
    );
    await sayAtBench(id, [one(seats[0]!, 'made', 2), one(seats[0]!, 'made', 3)], 'desk');
    await until(() => heard.length === 3);
    expect(heard).toEqual([1, 2, 3]);
    stop();
  });

  it('is told when this server ends', async () => {
    const { id } = await roomOf();
    let ended = false;
    followBench(
      id,
      0,
      () => undefined,
      () => (ended = true),
    );
    endFeeds();
    expect(ended).toBe(true);
  });
});

describe('a seat’s own page', () => {
  const linkOf = async (id: string, seat: string): Promise<string> => (await linksOf(id)).get(seat)!;

  it('shows its piece, a first name and nothing of anybody else', async () => {
    const { id, seats } = await roomOf(today(), ['Ada Weirside', 'Bo Lockgate']);
    await sayAtBench(id, [one(null, 'begin'), one(seats[1]!, 'made', 7)], 'desk');
    const { page } = await openSeatPage(await linkOf(id, seats[0]!));
    expect(page).toMatchObject({ number: 1, first: 'Ada', project: 'Buckle band' });
    const text = JSON.stringify(page);
    for (const other of ['Weirside', 'Bo', 'Lockgate', seats[1]!, id]) expect(text).not.toContain(other);
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
    expect(cards[0]!.rest.at(-1)).toMatch(/end/i);
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

it('what can be joined in are the offcuts of the room’s own cords and colours', async () => {
  const { id } = await roomOf();
  const lot = (item: string, kind: 'offcut' | 'spool', amount: number) => ({
    item,
    name: undefined,
    note: '',
    lots: [{ kind, amount, place: 'Tray', tare: null }],
  });
  await receiveStock(randomUUID(), [
    lot('cord/sheathed-4/race', 'offcut', 900),
    lot('cord/sheathed-4/race', 'spool', 9000),
    lot('cord/sheathed-4/night', 'offcut', 800),
  ]);
  expect(await offcutsFor(id)).toMatchObject([{ cord: 'sheathed-4', colour: 'race', mm: 900 }]);
});
