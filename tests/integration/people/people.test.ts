import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { today } from '../../../src/app/studio/clock';
import { editPerson, findPeople, forgetPerson, openPerson, PEOPLE_SHOWN } from '../../../src/app/people/people';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, deleteSession, openSession } from '../../../src/app/session/session';
import type { NewSeat, SeatRecord } from '../../../src/core/seat';
import { freshStudio } from '../support/database';

freshStudio();

async function seated(held_on: string, ...seats: Omit<NewSeat, 'id'>[]): Promise<{ id: string; seats: SeatRecord[] }> {
  const id = randomUUID();
  await createSession(id, { title: 'Tide club', held_on });
  const view = await addSeats(
    id,
    seats.map((seat) => ({ id: randomUUID(), ...seat })),
  );
  return { id, seats: [...view.seats] };
}
const day = (yearsOn: number): string => `${Number(today().slice(0, 4)) + yearsOn}${today().slice(4)}`;

describe('a person’s wrists', () => {
  it('are a history by day, the newest first, and the newest is the one that is used', async () => {
    const { seats } = await seated('2030-05-01', { name: 'Wren', wrist_mm: 150, wrist_method: 'tape' });
    const { person_id } = seats[0]!;
    let person = await openPerson(person_id);
    const take = async (mm: number, taken_on: string) =>
      (person = await editPerson(person_id, {
        version: person.version,
        changes: { wrist: { mm, method: 'strip', taken_on } },
      }));
    await take(140, '2024-03-01');
    await take(145, '2025-03-01');
    // Measured twice on one day, the later stands.
    await take(146, '2025-03-01');
    expect(person.wrists.map(({ mm, taken_on }) => [mm, taken_on])).toEqual([
      [150, today()],
      [146, '2025-03-01'],
      [140, '2024-03-01'],
    ]);
    // An old one found later does not become the last.
    const again = await seated('2030-06-01', { name: 'Wren' });
    expect(again.seats[0]).toMatchObject({ wrist_mm: 150, wrist_method: 'tape', wrist_on: today() });
    const [line] = await findPeople('wren');
    expect(line).toMatchObject({ wrist_mm: 150, wrist_on: today(), sessions: 2 });
  });

  it('are not taken from the future, nor by one who saw an older version', async () => {
    const { seats } = await seated('2030-05-01', { name: 'Wren' });
    const { person_id, person_version: version } = seats[0]!;
    const wrist = { mm: 150, method: 'tape' as const, taken_on: day(1) };
    await expect(editPerson(person_id, { version, changes: { wrist } })).rejects.toMatchObject({
      status: 422,
      more: { pointer: '/changes/wrist/taken_on' },
    });
    await editPerson(person_id, { version, changes: { name: 'Wrenna' } });
    await expect(
      editPerson(person_id, { version, changes: { wrist: { ...wrist, taken_on: today() } } }),
    ).rejects.toMatchObject({ status: 409, more: { current: { name: 'Wrenna' } } });
    expect((await openPerson(person_id)).wrists).toEqual([]);
    await expect(editPerson(randomUUID(), { version: 1, changes: { name: 'x' } })).rejects.toMatchObject({
      status: 404,
    });
  });
});

describe('a person’s age', () => {
  it('is kept with the day it was given, and grows by whole years until each session', async () => {
    const soon = await seated(day(0), { name: 'Ivo', age: 9 });
    expect(soon.seats[0]!.age).toBe(9);
    const later = await seated(day(2), { name: 'Ivo' });
    expect(later.seats[0]!.age).toBe(11);
    // Told again, it starts from there.
    const told = await seated(day(0), { name: 'ivo', age: 10 });
    expect(told.seats[0]!.age).toBe(10);
    expect((await openSession(later.id)).seats[0]!.age).toBe(12);
    expect(await openPerson(told.seats[0]!.person_id)).toMatchObject({ age: 10, age_on: today() });
    // Not known is not known, however long one waits.
    const person = await openPerson(told.seats[0]!.person_id);
    expect(await editPerson(person.id, { version: person.version, changes: { age: null } })).toMatchObject({
      age: null,
      age_on: null,
    });
    expect((await openSession(later.id)).seats[0]!.age).toBeNull();
  });
});

describe('the list of people', () => {
  it('is by name, counts the sessions that stand, and shows as many as one looks at', async () => {
    const { id } = await seated('2030-05-01', { name: 'brae' }, { name: 'Ansel' }, { name: 'Cove' });
    await seated('2030-05-02', { name: 'Ansel' });
    expect((await findPeople('')).map(({ name, sessions }) => [name, sessions])).toEqual([
      ['Ansel', 2],
      ['brae', 1],
      ['Cove', 1],
    ]);
    await deleteSession(id, 1);
    expect((await findPeople('')).map(({ sessions }) => sessions)).toEqual([1, 0, 0]);

    await seated('2030-05-03', ...Array.from({ length: PEOPLE_SHOWN }, (_, i) => ({ name: `Person ${i}` })));
    expect(await findPeople('')).toHaveLength(PEOPLE_SHOWN);
    expect(await findPeople('erson 199')).toHaveLength(1);
  });

  it('names nobody who was forgotten, and does not take them for the next of that name', async () => {
    const { id, seats } = await seated('2030-05-01', { name: 'Wren', age: 9, wrist_mm: 150, wrist_method: 'tape' });
    await forgetPerson(seats[0]!.person_id, { version: 1 });
    expect(await findPeople('wren')).toEqual([]);
    const next = await seated('2030-05-02', { name: 'Wren' });
    expect(next.seats[0]!.person_id).not.toBe(seats[0]!.person_id);
    expect(next.seats[0]).toMatchObject({ age: null, wrist_mm: null });
    // The seat stays, under no name and with nothing of the body.
    expect((await openSession(id)).seats[0]).toMatchObject({ name: 'Forgotten', age: null, wrist_mm: null });
    await expect(forgetPerson(randomUUID(), { version: 1 })).rejects.toMatchObject({ status: 404 });
  });
});
