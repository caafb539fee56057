import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { editPerson, findPeople, forgetPerson } from '../../../src/app/people/people';
import { learnAnew } from '../../../src/app/records/learning';
import { changeFigure, takeBackChange, tryFigure } from '../../../src/app/records/change-figure';
import { importHistory, previewHistory, recordsCsv } from '../../../src/app/records/history';
import { openFigure, openRecords } from '../../../src/app/records/open-records';
import { sayOfPieces } from '../../../src/app/records/say-records';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, deleteSession, noteCut, openSession, planOf } from '../../../src/app/session/session';
import { openSettings } from '../../../src/app/studio/settings';
import { today } from '../../../src/app/studio/clock';
import type { SaidOfPiece } from '../../../src/core/record';
import { cutKey, cutsNow } from '../../../src/core/seat';
import { database } from '../../../src/data/database/connection';
import { everything, exported, imported, wholeText } from '../support/archive';
import { emptyStudio, freshStudio } from '../support/database';

freshStudio();

const NAMES = ['Ada', 'Bo', 'Cy', 'Dot', 'Eli', 'Fay'];
const USE = 'use/square-knot/satin-2/new';

/** A session of six buckle bands in satin, on some day; cut where that is asked. */
async function session(held_on: string, isCut = true): Promise<string> {
  const id = randomUUID();
  await createSession(id, { title: `Evening ${held_on}`, held_on });
  await addSeats(
    id,
    NAMES.map((name) => ({
      id: randomUUID(),
      name,
      skill: 'new' as const,
      wrist_mm: 165,
      wrist_method: 'tape' as const,
      project: 'band-buckle',
      cords: { whole: { cord: 'satin-2', colours: ['race'] } },
    })),
  );
  const opened = await openSession(id);
  if (isCut) await noteCut(id, opened.session.version, true, cutsNow(planOf(opened).seats).map(cutKey));
  return id;
}

/** Notes so much left of every seat's cord, one saying a seat. */
async function note(id: string, said: (seat: number) => SaidOfPiece): Promise<void> {
  const { seats } = await openSession(id);
  await sayOfPieces(
    id,
    seats.map(({ id: seat }, i) => ({ key: randomUUID(), seat, said: said(i) })),
  );
}
const left = (mm: number): SaidOfPiece => ({ left: { 0: { mm: [mm, mm] } } });
const rows = async () => (await everything()).seat_records!;
const cutOf = async (id: string) => planOf(await openSession(id)).seats[0]!.plan.cut!.cuts[0]!.length_mm;

/** Three evenings in which a tenth less is used than geometry says. */
async function thrifty(): Promise<void> {
  for (const day of ['2026-03-03', '2026-04-03', '2026-05-03'])
    await note(await session(day), (i) => left(270 + 5 * i));
  await learnAnew();
}

describe('a record', () => {
  it('is added over the old one, both kept; sent twice it is there once; and it says what was planned', async () => {
    const id = await session('2026-03-03');
    const { seats } = await openSession(id);
    const [seat] = seats;
    const first = { key: randomUUID(), seat: seat!.id, said: { ...left(120), word: 'neat' } };
    await sayOfPieces(id, [first]);
    await sayOfPieces(id, [first]);
    const view = await sayOfPieces(id, [{ key: randomUUID(), seat: seat!.id, said: { half_knots: 28, ...left(130) } }]);
    expect(view.noted[seat!.id]!.said).toEqual({ left: { 0: { mm: [130, 130] } }, half_knots: 28, word: 'neat' });
    const all = await rows();
    expect(all).toHaveLength(2);
    expect(all[0]).toMatchObject({
      piece: seat!.id,
      planned: { project: 'band-buckle', skill: 'new', cords: [{ cord: 'satin-2', stitch: 'square-knot', factor: 1 }] },
    });
    // The plan is as it was: it need not be told again.
    expect(all[1]!.planned).toBeNull();
    expect(all[0]!.maker).toBe(all[1]!.maker);
    await expect(sayOfPieces(id, [{ key: randomUUID(), seat: randomUUID(), said: {} }])).rejects.toMatchObject({
      code: 'no-such-seat',
    });
  });

  it('is not edited by anybody, and outlives its maker without their name or a word of them', async () => {
    const id = await session('2026-03-03');
    await note(id, () => ({ ...left(120), word: 'Ada was proud' }));
    const db = database();
    await expect(db.query("UPDATE seat_records SET said = '{}'")).rejects.toThrow('not edited');
    await expect(db.query('DELETE FROM seat_records')).rejects.toThrow('not edited');
    const { seats } = await openSession(id);
    const ada = (await findPeople('Ada'))[0]!;
    await forgetPerson(ada.id, { version: ada.version });
    const own = (await rows()).find(({ piece }) => piece === seats[0]!.id)!;
    expect(own.person_id).toBeNull();
    expect(own.said).toEqual(left(120));
    await learnAnew();
    expect((await openRecords()).makers.map(({ name }) => name)).toContain(null);
    expect(JSON.stringify((await rows()).filter(({ piece }) => piece === seats[0]!.id))).not.toMatch(/Ada/);
  });

  it('of a deleted session teaches nothing any more', async () => {
    const id = await session('2026-03-03');
    await note(id, () => left(120));
    await learnAnew();
    expect((await openRecords()).records).toBe(NAMES.length);
    await deleteSession(id, (await openSession(id)).session.version);
    await learnAnew();
    expect(await openRecords()).toMatchObject({ records: 0, figures: [] });
  });
});

describe('what the records say', () => {
  it('is offered, never slipped in; accepted it is cut by from then on, and what is cut already keeps its lengths', async () => {
    const [ahead, cut] = [await session(today(), false), await session(today())];
    const before = await cutOf(ahead);
    await thrifty();
    const view = await openRecords();
    const figure = view.figures.find(({ key }) => key === USE)!;
    expect(figure).toMatchObject({ start: 1, now: { value: 1 }, records: 18, makers: 6, group: 'Use' });
    expect(figure.value).toBeLessThan(0.95);
    expect(figure.high).toBeLessThan(1);
    expect((await openFigure(USE)).points).toHaveLength(18);
    expect(view.foresight.at(-1)!.off).toBeLessThan(view.foresight[0]!.off / 2);
    expect(await cutOf(ahead)).toBe(before);

    const trial = await tryFigure({ figure: USE, how: 'accepted' });
    expect(trial).toMatchObject({ seats: NAMES.length, moved: NAMES.length });
    expect(trial.cord_mm).toBeLessThan(0);
    expect(trial.short_now).toBeLessThan(trial.short_then);

    const wish = { key: randomUUID(), figure: USE, how: 'accepted' as const, by: 'Morwen' };
    await changeFigure(wish);
    const after = await changeFigure(wish);
    expect(await cutOf(ahead)).toBeLessThan(before);
    expect((before - (await cutOf(ahead))) * NAMES.length).toBe(-trial.cord_mm);
    expect(await cutOf(cut)).toBe(before);
    expect(after.changes).toMatchObject([{ figure: USE, how: 'accepted', by: 'Morwen', records: 18, undone: false }]);
    expect(after.figures.find(({ key }) => key === USE)!.now.value).toBeCloseTo(figure.value, 3);

    // Taken back, once; and then it is as it was, to the millimetre.
    const n = after.changes[0]!.n;
    await takeBackChange(n, randomUUID(), '');
    const { changes } = await takeBackChange(n, randomUUID(), '');
    expect(changes.map(({ how, undone }) => [how, undone])).toEqual([
      ['taken back', false],
      ['accepted', true],
    ]);
    expect(await cutOf(ahead)).toBe(before);
  });

  it('may be kept out, or set by hand within limits; a change over it must be taken back first', async () => {
    await thrifty();
    const key = () => randomUUID();
    const kept = await changeFigure({ key: key(), figure: USE, how: 'kept', by: '' });
    expect(kept.figures.find((one) => one.key === USE)).toMatchObject({ now: { value: 1 }, last: { how: 'kept' } });
    await expect(
      changeFigure({ key: key(), figure: 'figure/draw_new', how: 'set', value: 7, by: '' }),
    ).rejects.toMatchObject({ code: 'out-of-range', message: 'Between 1 and 1.6.' });
    await expect(
      changeFigure({ key: key(), figure: 'use/square-knot/no-such/new', how: 'accepted', by: '' }),
    ).rejects.toMatchObject({
      status: 404,
    });
    const first = await changeFigure({ key: key(), figure: 'figure/draw_new', how: 'set', value: 1.3, by: 'A' });
    await changeFigure({ key: key(), figure: 'figure/draw_new', how: 'set', value: 1.35, by: 'B' });
    expect((await openSettings()).settings.figures.draw_new).toBe(1.35);
    await expect(takeBackChange(first.changes[0]!.n, key(), '')).rejects.toMatchObject({ code: 'changed-since' });
    const spread = await changeFigure({ key: key(), figure: 'figure/spread_new', how: 'accepted', by: '' });
    const { figures } = (await openSettings()).settings;
    expect(figures.spread_new).toBe(spread.changes[0]!.is.value);
    expect(figures.spread_records_new).toBe(spread.changes[0]!.is.records);
  });

  it('learns hands and growth from people who were measured twice', async () => {
    const id = await session('2026-03-03');
    const { seats } = await openSession(id);
    for (const [i, { person_id }] of seats.entries()) {
      const person = (await findPeople(NAMES[i]!))[0]!;
      expect(person.id).toBe(person_id);
      await editPerson(person_id, {
        version: person.version,
        changes: { age: 9, wrist: { mm: 160, method: 'tape', taken_on: '2024-01-01' } },
      });
    }
    await note(id, () => left(120));
    await learnAnew();
    const growth = (await openRecords()).figures.find(({ key }) => key === 'figure/wrist_growth')!;
    expect(growth).toMatchObject({ records: NAMES.length, start: 3 });
    expect(growth.value).toBeLessThan(3);
  });
});

describe('history', () => {
  const LIST = [
    'date;session;maker;project;skill;cord;planned band mm;cut mm;left mm;half knots',
    ...['A', 'B', 'C', 'D', 'E'].map(
      (who) => `2025-05-04;Old loft;${who};band-buckle;new;satin-2;140;2000;150 + 160;28`,
    ),
    '2025-05-04;Old loft;F;spiral hat;new;satin-2;140;2000;150;28',
  ].join('\n');

  it('from elsewhere is looked at first, taken in once, and learned from as the studio’s own', async () => {
    const seen = await previewHistory(LIST);
    expect(seen).toMatchObject({ lines: 6, pieces: 5, makers: 5, from: '2025-05-04', fault: null });
    expect(seen.faults).toMatchObject([{ line: 7, column: 'project' }]);
    expect(await rows()).toEqual([]);
    expect(await importHistory(LIST)).toEqual({ added: 5 });
    expect(await importHistory(LIST)).toEqual({ added: 0 });
    await learnAnew();
    expect((await openRecords()).figures.find(({ key }) => key === USE)).toMatchObject({ records: 5, makers: 5 });
    expect(JSON.stringify(await rows())).not.toContain('"A"');
    // What is written out is read back.
    const again = await previewHistory(await wholeText(recordsCsv()));
    expect(again).toMatchObject({ pieces: 5, faults: [] });
  });

  it('goes with the studio’s archive, changes of figures too', async () => {
    await thrifty();
    await changeFigure({ key: randomUUID(), figure: USE, how: 'accepted', by: 'Morwen' });
    const [before, file] = [await everything(), await exported()];
    await emptyStudio();
    await imported(file);
    const after = await everything();
    expect(after.seat_records).toEqual(before.seat_records);
    expect(after.figure_changes).toEqual(before.figure_changes);
    await learnAnew();
    const view = await openRecords();
    expect(view.figures.find(({ key }) => key === USE)!.now.value).toBeLessThan(0.95);
    await takeBackChange(view.changes[0]!.n, randomUUID(), '');
  });
});
