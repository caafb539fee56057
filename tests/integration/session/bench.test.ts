import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { endFeeds, followBench } from '../../../src/app/bench/feed';
import { offcutsFor } from '../../../src/app/bench/room-stock';
import { sayAtBench } from '../../../src/app/bench/say';
import { removeSeat } from '../../../src/app/session/edit-seats';
import { openSession, planOf } from '../../../src/app/session/session';
import { receiveStock } from '../../../src/app/shelf/receive';
import { today } from '../../../src/app/studio/clock';
import { stagesOf } from '../../../src/core/session';
import { database } from '../../../src/data/database/connection';
import { freshStudio } from '../support/database';
import { entriesOf, one, roomOf } from '../support/room';

freshStudio();

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
    const said = Array.from({ length: 40 }, (_, i) => one(seats[i % 2]!, 'made', 1));
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
