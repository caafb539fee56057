import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { editSeat, editSeats, removeSeat } from '../../../src/app/session/edit-seats';
import { whoIsNamed } from '../../../src/app/people/known-people';
import { cutSheet } from '../../../src/app/sheets/cut-sheet';
import { editPerson, findPeople, forgetPerson, openPerson } from '../../../src/app/people/people';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, noteCut, openSession, planOf } from '../../../src/app/session/session';
import { cutKey, cutsNow, type NewSeat, type SeatRecord } from '../../../src/core/seat';
import { database } from '../../../src/data/database/connection';
import { STUDIO_TABLES } from '../../../src/data/archive';
import { unzip } from '../../../src/formats/unzip';
import { exported } from '../support/archive';
import { freshStudio } from '../support/database';

freshStudio();

async function list(...seats: Omit<NewSeat, 'id'>[]): Promise<{ id: string; seats: SeatRecord[] }> {
  const id = randomUUID();
  await createSession(id, { title: 'Tide club', held_on: '2030-05-04' });
  const view = await addSeats(
    id,
    seats.map((seat) => ({ id: randomUUID(), ...seat })),
  );
  return { id, seats: [...view.seats] };
}
const measured = { wrist_mm: 165, wrist_method: 'tape', project: 'band-buckle' } as const;
const times = <T>(n: number, make: (i: number) => Promise<T>): Promise<T[]> =>
  Promise.all(Array.from({ length: n }, (_, i) => make(i)));

describe('a person', () => {
  it('of the same name and another age is somebody else: a child stays a child', async () => {
    const child = (await list({ name: 'Sam Reed', age: 9, ...measured })).seats[0]!;
    const adult = (await list({ name: 'Sam Reed', age: 34, wrist_mm: 190, project: 'band-buckle' })).seats[0]!;
    expect(adult.person_id).not.toBe(child.person_id);
    expect(await openPerson(child.person_id)).toMatchObject({ age: 9, wrists: [{ mm: 165 }] });
    // Two of that name are known now: a list that does not say who is taken for neither.
    const third = (await list({ name: 'sam reed' })).seats[0]!;
    expect([child.person_id, adult.person_id]).not.toContain(third.person_id);
  });

  it('goes with the seat: confirmed, new, or put back, it is the one that was meant', async () => {
    const first = (await list({ name: 'Ada', age: 30, ...measured })).seats[0]!;
    const known = (await list({ name: 'Ada', person_id: first.person_id })).seats[0]!;
    expect(known).toMatchObject({ person_id: first.person_id, wrist_mm: 165 });
    const other = await list({ name: 'Ada', person_id: null, note: 'left-handed' });
    expect(other.seats[0]!.person_id).not.toBe(first.person_id);
    expect(other.seats[0]!.wrist_mm).toBeNull();
    // Taken out and put back, with another of that name known meanwhile.
    const { version: _v, person_version: _p, wrist_on: _w, ...seat } = other.seats[0]!;
    await removeSeat(seat.id, other.id, 1);
    const back = (await addSeats(other.id, [seat])).seats[0]!;
    expect(back).toMatchObject({ person_id: other.seats[0]!.person_id, note: 'left-handed' });
    await expect(list({ name: 'Ada', person_id: randomUUID() })).rejects.toMatchObject({ status: 422 });
    const twice = list({ name: 'Ada', person_id: first.person_id }, { name: 'Ada', person_id: first.person_id });
    await expect(twice).rejects.toMatchObject({ status: 409, code: 'seated' });
  });

  it('seated as new and known after all becomes one with the one who is known', async () => {
    const known = (await list({ name: 'Ada', age: 30, avoid: ['nickel'], ...measured })).seats[0]!;
    const { seats } = await list({ name: 'Ada', person_id: null, avoid: ['synthetic'] });
    expect((await whoIsNamed(' ada ')).map(({ id }) => id).sort()).toEqual(
      [known.person_id, seats[0]!.person_id].sort(),
    );
    const { id, version, person_version } = seats[0]!;
    const { seat } = await editSeat(id, { version, person_version, changes: { person_id: known.person_id } });
    expect(seat).toMatchObject({ person_id: known.person_id, wrist_mm: 165, age: 33, avoid: ['nickel', 'synthetic'] });
    expect(await findPeople('ada')).toHaveLength(1);
  });

  it('named by forty lists at once is one person, and loses no note of their skin', async () => {
    for (let round = 0; round < 5; round++) {
      const name = `Wren ${round}`;
      await times(8, (i) => list({ name, avoid: [i % 2 === 0 ? 'nickel' : 'synthetic'] }));
      const people = await findPeople(name);
      expect(people).toHaveLength(1);
      expect(people[0]!.avoid).toEqual(['nickel', 'synthetic']);
    }
  });
});

describe('somebody who is erased', () => {
  const NAME = 'Quillon Unrepeatable';

  it('is nowhere any more: not on a seat, in a cut list, on a sheet, in a table or in the archive', async () => {
    const { id, seats } = await list(
      { name: NAME, age: 31, hand_mm: 210, note: 'brother of Ada', ...measured },
      { name: 'Bo', ...measured },
    );
    const seen = cutsNow(planOf(await openSession(id)).seats).map(cutKey);
    await noteCut(id, (await openSession(id)).session.version, true, seen);
    const before = planOf(await openSession(id)).seats.map(({ plan }) => plan.cut!.total_mm);
    await forgetPerson(seats[0]!.person_id, { version: 1 });

    const view = await openSession(id);
    expect(view.seats[0]).toMatchObject({ name: 'Forgotten', wrist_mm: null, hand_mm: null, note: '', age: null });
    // What was cut stays cut, and the knot tied.
    expect(planOf(view).seats.map(({ plan }) => plan.cut!.total_mm)).toEqual(before);
    expect((await cutSheet(id)).groups.flatMap((group) => group.lines)).toHaveLength(seen.length);
    for (const table of STUDIO_TABLES) {
      const [rows] = await database().query(`SELECT to_jsonb(t)::text AS row FROM ${table} t`);
      const all = JSON.stringify(rows);
      expect(all, table).not.toContain('Unrepeatable');
      expect(all, table).not.toContain('brother of Ada');
    }
    const files = unzip(await exported(), () => true, { bytes: 100_000_000, files: 60 });
    expect(files.size).toBe(STUDIO_TABLES.length + 1);
    for (const [name, bytes] of files) expect(Buffer.from(bytes).toString(), name).not.toContain('Unrepeatable');
    expect(await findPeople('')).toHaveLength(1);
    // And does not come back by an edit that was under way, nor by a list.
    const { version, person_version } = view.seats[0]!;
    const edit = editSeat(seats[0]!.id, { version, person_version, changes: { name: NAME } });
    await expect(edit).rejects.toMatchObject({ status: 410 });
    await expect(editPerson(seats[0]!.person_id, { version: 99, changes: { name: NAME } })).rejects.toMatchObject({
      status: 410,
    });
    await expect(list({ name: NAME, person_id: seats[0]!.person_id })).rejects.toMatchObject({ status: 422 });
  });

  it('is gone whatever runs beside: every erasing that answers done has forgotten', async () => {
    for (let round = 0; round < 12; round++) {
      const { seats } = await list({ name: NAME, age: 30, ...measured });
      const { id, person_id, version, person_version } = seats[0]!;
      await Promise.allSettled([
        editSeat(id, { version, person_version, changes: { name: `${NAME} the Second`, note: 'x', wrist_mm: 170 } }),
        editPerson(person_id, { version: person_version, changes: { age: 31 } }),
        list({ name: NAME, age: 30 }),
        // Told that somebody changed them meanwhile, whoever erases looks again and erases.
        forgetPerson(person_id, { version: person_version }).catch(async () =>
          forgetPerson(person_id, { version: (await openPerson(person_id)).version }),
        ),
      ]);
      // An edit may have come in between once more.
      await forgetPerson(person_id, { version: (await openPerson(person_id)).version });
      const rows = await database().query(
        'SELECT p.name, p.age, s.wrist_mm, s.note FROM people p LEFT JOIN seats s ON s.person_id = p.id WHERE p.id = $1',
        { bind: [person_id] },
      );
      for (const row of rows[0]) expect(row).toEqual({ name: 'Forgotten', age: null, wrist_mm: null, note: '' });
      expect((await openPerson(person_id)).wrists).toEqual([]);
    }
  });
});

describe('many seats at once', () => {
  it('are changed together or not at all', async () => {
    const { id, seats } = await list({ name: 'Ada', ...measured }, { name: 'Bo', ...measured });
    const edits = (changes: object) =>
      seats.map(({ id: seat, version, person_version }) => ({ id: seat, version, person_version, changes }));
    const view = await editSeats(id, edits({ ease: 'loose' }));
    expect(view.seats.map(({ ease }) => ease)).toEqual(['loose', 'loose']);
    // The versions are of before, and one of them would change something: nothing is stored.
    const mixed = [
      { ...edits({})[0]!, version: view.seats[0]!.version, changes: { ease: 'snug' as const } },
      { ...edits({})[1]!, changes: { ease: 'snug' as const } },
    ];
    await expect(editSeats(id, mixed)).rejects.toMatchObject({ status: 409 });
    expect((await openSession(id)).seats.map(({ ease }) => ease)).toEqual(['loose', 'loose']);
    await expect(editSeats(id, [{ ...edits({ ease: 'snug' })[0]!, id: randomUUID() }])).rejects.toMatchObject({
      status: 404,
    });
  });
});
