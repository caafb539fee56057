import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { editPerson, findPeople, forgetPerson, openPerson } from '../../../src/app/people/people';
import { readList } from '../../../src/app/session/roster';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, openSession } from '../../../src/app/session/session';
import type { SessionView } from '../../../src/core/session';
import { editDocument, editSettings, openSettings } from '../../../src/app/studio/settings';
import type { NewSeat } from '../../../src/core/seat';
import { database } from '../../../src/data/database/connection';
import { freshStudio } from '../support/database';

freshStudio();

const newSession = async (seats: Omit<NewSeat, 'id'>[] = []): Promise<SessionView> => {
  const id = randomUUID();
  await createSession(id, { title: 'Tide club', held_on: '2030-05-04' });
  return seats.length === 0
    ? openSession(id)
    : addSeats(
        id,
        seats.map((seat) => ({ id: randomUUID(), ...seat })),
      );
};
const measured = { wrist_mm: 165, wrist_method: 'tape', project: 'band-buckle' } as const;

describe('people and lists', () => {
  it('forgotten leave no name, age, skin or wrist behind', async () => {
    const { seats, session } = await newSession([{ name: 'Ada Unrepeatable', age: 9, avoid: ['nickel'], ...measured }]);
    await forgetPerson(seats[0]!.person_id, { version: 1 });
    const [[person]] = (await database().query('SELECT name, age, avoid FROM people')) as [
      [Record<string, unknown>],
      unknown,
    ];
    expect(person).toEqual({ name: 'Forgotten', age: null, avoid: [] });
    expect((await openPerson(seats[0]!.person_id)).wrists).toEqual([]);
    expect(JSON.stringify(await openSession(session.id))).not.toContain('Unrepeatable');
  });

  it('with birthdays are read as ages of today, and the birthdays go no further', async () => {
    const ago = (years: number): string => {
      const day = new Date();
      day.setUTCFullYear(day.getUTCFullYear() - years, 0, 1);
      return day.toISOString().slice(0, 10);
    };
    const [, row] = await readList(`Name,Date of birth,Wrist\nOsra,${ago(9)},14 cm`);
    expect(row).toMatchObject({ seat: { name: 'Osra', age: 9, wrist_mm: 140, note: '' }, faults: [] });
  });

  it('seated again from a list keep what is known of their skin, whatever the list leaves out', async () => {
    const { seats } = await newSession([{ name: 'Ada', age: 30, avoid: ['nickel'], ...measured }]);
    const again = async (avoid: ('nickel' | 'synthetic')[]) =>
      (await newSession([{ name: 'Ada', avoid, project: 'fob-ring' }])).seats[0]!;
    const listed = await again([]);
    expect(listed).toMatchObject({ person_id: seats[0]!.person_id, avoid: ['nickel'], wrist_mm: 165 });
    expect((await again(['synthetic'])).avoid).toEqual(['nickel', 'synthetic']);
    // Taken back by hand it is gone.
    const person = await openPerson(listed.person_id);
    await editPerson(person.id, { version: person.version, changes: { avoid: [] } });
    expect((await again([])).avoid).toEqual([]);
  });

  it('found by part of a name, with signs that SQL gives a meaning taken as they are', async () => {
    await newSession([{ name: "O'Brien 100%_\\ <b>" }, { name: 'Ada' }]);
    expect((await findPeople("o'brien 100%_\\")).map((p) => p.name)).toEqual(["O'Brien 100%_\\ <b>"]);
    expect(await findPeople('_da')).toEqual([]);
  });

  it('read for a preview say who is known, and store nothing', async () => {
    await newSession([{ name: 'Ada', ...measured }]);
    const rows = await readList('Ada\nBo 16 cm');
    expect(rows.map((r) => r.known[0]?.wrist_mm ?? null)).toEqual([165, null]);
    expect(await findPeople('Bo')).toEqual([]);
    await expect((async () => readList(' \n '))()).rejects.toMatchObject({ code: 'empty-list' });
    await expect((async () => readList('Ada\n'.repeat(5000)))()).rejects.toMatchObject({
      code: 'too-many',
      message: expect.stringContaining('5,000 lines') as string,
    });
  });
});

describe('the studio', () => {
  it('changes a figure for every session, and refuses a stale change', async () => {
    const before = await openSettings();
    const figures = { ...before.settings.figures, ease_easy: 40 };
    await editSettings(before.version, { ...before.settings, figures });
    expect((await openSettings()).settings.figures.ease_easy).toBe(40);
    await expect(editSettings(before.version, before.settings)).rejects.toMatchObject({ status: 409 });
  });

  it('keeps a corrected cord when the shipped catalogue is loaded again', async () => {
    const { cords } = await openSettings();
    const cord = cords.find(({ slug }) => slug === 'sheathed-4')!;
    await editDocument('cords', 'sheathed-4', cord.revision, { ...cord, diameter_mm: 4.3 });
    const { stockStudio } = await import('../../../src/app/studio/studio');
    await stockStudio();
    expect((await openSettings()).cords.find(({ slug }) => slug === 'sheathed-4')!.diameter_mm).toBe(4.3);
    await expect(editDocument('cords', 'satin-2', 1, cord)).rejects.toMatchObject({ code: 'slug' });
  });
});
