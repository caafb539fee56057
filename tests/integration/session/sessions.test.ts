import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import {
  createSession,
  deleteSession,
  editSession,
  noteCut,
  openSession,
  pageOfSessions,
  restoreSession,
  planOf,
} from '../../../src/app/session/session';
import { openToday } from '../../../src/app/session/today';
import { cutKey, cutsNow } from '../../../src/core/seat';
import { cutsDone } from '../../../src/core/session';
import { freshStudio } from '../support/database';
import { session } from '../support/shelf';

freshStudio();

const make = async (title: string, held_on: string, more: object = {}): Promise<string> => {
  const id = randomUUID();
  await createSession(id, { title, held_on, ...more });
  return id;
};
const titles = async (page: number, find?: string) =>
  (await pageOfSessions(page, find)).lines.map(({ title }) => title);

describe('the list of sessions', () => {
  it('is newest first, by hour within a day, fifty a page', async () => {
    await make('Evening', '2030-05-01', { starts_at: '18:30' });
    await make('Some time', '2030-05-01');
    await make('Morning', '2030-05-01', { starts_at: '09:00' });
    await make('Day after', '2030-05-02');
    expect(await titles(1)).toEqual(['Day after', 'Evening', 'Morning', 'Some time']);
    for (let i = 0; i < 50; i++) await make(`Old ${i}`, '2020-01-01');
    expect(await pageOfSessions(1)).toMatchObject({ count: 54, size: 50 });
    expect((await titles(1)).slice(0, 4)).toEqual(['Day after', 'Evening', 'Morning', 'Some time']);
    const second = await titles(2);
    expect(second).toHaveLength(4);
    expect(new Set([...(await titles(1)), ...second]).size).toBe(54);
    expect(await titles(3)).toEqual([]);
  });

  it('is searched by a part of a name or place as it is written, deleted ones left out', async () => {
    await make('Weir_lamp 100%', '2030-05-01', { place: 'Sail loft' });
    await make('Weirclamp', '2030-05-02', { place: 'Net loft' });
    const gone = await make('Weir_lamp, cancelled', '2030-05-03');
    await deleteSession(gone, 1);
    expect(await titles(1, 'weir_')).toEqual(['Weir_lamp 100%']);
    expect(await titles(1, '100%')).toEqual(['Weir_lamp 100%']);
    expect(await titles(1, 'LOFT')).toEqual(['Weirclamp', 'Weir_lamp 100%']);
    expect(await titles(1, "' OR 1=1 --")).toEqual([]);
    expect(await pageOfSessions(1, 'lamp')).toMatchObject({ count: 2 });
    await restoreSession(gone);
    expect(await pageOfSessions(1, 'lamp')).toMatchObject({ count: 3 });
  });
});

describe('a session', () => {
  it('keeps what it was made with, and what is left out is open', async () => {
    const id = await make('  Tide club ', '2030-05-01', { starts_at: '18:30', minutes: 90, place: 'Grain floor' });
    expect((await openSession(id)).session).toMatchObject({
      title: 'Tide club',
      held_on: '2030-05-01',
      starts_at: '18:30',
      minutes: 90,
      place: 'Grain floor',
      school: null,
    });
    const bare = await make('Bare', '2030-05-01');
    expect((await openSession(bare)).session).toMatchObject({ starts_at: null, minutes: null, place: '' });
  });

  it('made twice under one id, as when an answer was lost, is one', async () => {
    const id = randomUUID();
    await createSession(id, { title: 'Once', held_on: '2030-05-01' });
    await createSession(id, { title: 'Once', held_on: '2030-05-01' });
    expect(await pageOfSessions(1, 'once')).toMatchObject({ count: 1 });
  });

  it('cut by another school as a whole: every seat that has none of its own follows', async () => {
    const view = await session('Schools', '2030-05-01', ['Ada', 'Bo']);
    const before = planOf(view).seats.map(({ plan }) => plan.cut!);
    await editSession(view.session.id, { version: view.session.version, changes: { school: 'ratio' } });
    const now = await openSession(view.session.id);
    const after = planOf(now).seats.map(({ plan }) => plan.cut!);
    expect(before.map(({ rule }) => rule)).toEqual(['measured', 'measured']);
    expect(after.map(({ rule }) => rule)).toEqual(['ratio', 'ratio']);
    expect(after[0]!.total_mm).not.toBe(before[0]!.total_mm);
  });

  it('noted as cut may be noted as not cut, and cut again', async () => {
    const view = await session('Cut', '2030-05-01', ['Ada']);
    const seen = cutsNow(planOf(view).seats).map(cutKey);
    const cut = await noteCut(view.session.id, view.session.version, true, seen);
    expect(cutsDone(cut.session.cut_done!)).toEqual(cutsNow(planOf(cut).seats));
    const undone = await noteCut(view.session.id, cut.session.version, false, []);
    expect(undone.session.cut_done).toBeNull();
    // With the version of before, it is somebody else's note by now.
    await expect(noteCut(view.session.id, cut.session.version, true, seen)).rejects.toMatchObject({ status: 409 });
  });

  it('that is not there cannot be opened, changed, deleted or brought back', async () => {
    const id = randomUUID();
    const gone = { status: 404 };
    await expect(openSession(id)).rejects.toMatchObject(gone);
    await expect(editSession(id, { version: 1, changes: { title: 'x' } })).rejects.toMatchObject(gone);
    await expect(deleteSession(id, 1)).rejects.toMatchObject(gone);
    await expect(restoreSession(id)).rejects.toMatchObject(gone);
    await expect(noteCut(id, 1, true, [])).rejects.toMatchObject(gone);
  });
});

describe('Today', () => {
  it('has the next eight sessions, the same day by its hours', async () => {
    await make('Evening', '2030-05-01', { starts_at: '18:30' });
    await make('Morning', '2030-05-01', { starts_at: '09:00' });
    for (let i = 2; i <= 9; i++) await make(`Day ${i}`, `2030-05-0${i}`);
    const { sessions } = await openToday('2030-05-01');
    expect(sessions.map(({ title }) => title)).toEqual([
      'Morning',
      'Evening',
      ...[2, 3, 4, 5, 6, 7].map((i) => `Day ${i}`),
    ]);
    expect(sessions[0]!.stages.map(({ stage, state }) => [stage, state])).toEqual([
      ['seats', 'open'],
      ['fit', 'bare'],
      ['cut', 'bare'],
      ['kit', 'bare'],
      ['bench', 'bare'],
      ['wrap-up', 'bare'],
    ]);
    expect((await openToday('2030-05-09')).sessions.map(({ title }) => title)).toEqual(['Day 9']);
    expect((await openToday('2031-01-01')).sessions).toEqual([]);
  });
});
