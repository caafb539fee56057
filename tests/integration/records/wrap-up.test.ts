import { randomUUID } from 'node:crypto';
import { expect, it } from 'vitest';
import { openBench } from '../../../src/app/bench/open-bench';
import { sayAtBench } from '../../../src/app/bench/say';
import { returnLeftovers } from '../../../src/app/kits/leftovers';
import { sayOfPieces, wrapUp } from '../../../src/app/records/say-records';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, openSession, planOf } from '../../../src/app/session/session';
import { openToday } from '../../../src/app/session/today';
import { UNWRAPPED } from '../../../src/core/session';
import { everything } from '../support/archive';
import { freshStudio } from '../support/database';

freshStudio();

async function session(): Promise<{ id: string; seats: string[] }> {
  const id = randomUUID();
  const seats = ['Ada', 'Bo'].map(() => randomUUID());
  await createSession(id, { title: 'Evening', held_on: '2030-05-04' });
  await addSeats(
    id,
    seats.map((seat, i) => ({
      id: seat,
      name: ['Ada', 'Bo'][i]!,
      wrist_mm: 165,
      wrist_method: 'tape' as const,
      project: 'band-buckle',
    })),
  );
  return { id, seats };
}

it('the minutes that the bench saw are there before anybody types, and go with the record; words stay off the tablet', async () => {
  const { id, seats } = await session();
  const said = (ago: number, what: 'begin' | 'step' | 'made' | 'done', value: string | number | null = null) => ({
    key: randomUUID(),
    seat: what === 'begin' ? null : seats[0]!,
    what,
    value,
    ago_ms: ago * 60_000,
  });
  await sayAtBench(
    id,
    [said(40, 'begin'), said(30, 'step', 'knot 1'), said(29, 'made', 2), said(10, 'made', 20), said(5, 'done')],
    'desk',
  );
  const before = await openSession(id);
  expect(before.noted[seats[0]!]!.minutes).toBeCloseTo(25, 0);
  expect(before.noted[seats[1]!]).toBeUndefined();
  await sayOfPieces(id, [{ key: randomUUID(), seat: seats[0]!, said: { word: 'cried a little' } }]);
  const [row] = (await everything()).seat_records!;
  expect(row!.seen).toMatchObject({ ties: 22 });
  expect((row!.seen as { knotting: number }).knotting).toBeCloseTo(20, 0);
  const { view } = await openBench(id);
  expect(view.noted).toEqual({});
  expect(JSON.stringify(view)).not.toContain('cried');
});

it('tools and seats of which there is nothing to note are kept with the session’s version; nothing left is an answer too', async () => {
  const { id, seats } = await session();
  const tools = Object.fromEntries(
    planOf(await openSession(id)).seats.flatMap(({ plan }) => plan.tools.map((tool) => [tool, { out: 1, in: 1 }])),
  );
  const { version } = (await openSession(id)).session;
  const view = await wrapUp(id, version, { ...UNWRAPPED, tools, nothing: [seats[1]!] });
  expect(view.session.wrap!.nothing).toEqual([seats[1]]);
  await expect(wrapUp(id, version, UNWRAPPED)).rejects.toMatchObject({ status: 409 });
  await sayOfPieces(id, [{ key: randomUUID(), seat: seats[0]!, said: { left: { 0: { mm: [0] } } } }]);
  const [today] = (await openToday('2030-05-04')).sessions;
  expect(today!.stages.at(-1)).toMatchObject({ stage: 'wrap-up', line: '1 piece noted, all accounted for.' });
  const key = randomUUID();
  const back = await returnLeftovers(id, key, []);
  expect(back.session.wrap).toMatchObject({ tools, nothing: [seats[1]] });
  expect(back.session.wrap!.returned_on).not.toBeNull();
  expect((await returnLeftovers(id, key, [])).session.wrap).toEqual(back.session.wrap);
});
