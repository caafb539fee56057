import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { editPerson, findPeople, openPerson } from '../../../src/app/people/people';
import { editSeat, removeSeat } from '../../../src/app/session/edit-seats';
import { addSeats } from '../../../src/app/session/seats';
import {
  createSession,
  deleteSession,
  editSession,
  noteCut,
  openSession,
  restoreSession,
  planOf,
} from '../../../src/app/session/session';
import type { SessionView } from '../../../src/core/session';
import { openToday } from '../../../src/app/session/today';
import { cutKey, cutsNow, type NewSeat } from '../../../src/core/seat';
import { database } from '../../../src/data/database/connection';
import { migrate } from '../../../src/data/database/migrate';
import { MIGRATIONS } from '../../../src/data/migrations';
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

describe('the database', () => {
  it('migrates once, however many ask at the same moment', async () => {
    await Promise.all([migrate(), migrate(), migrate()]);
    const [rows] = await database().query('SELECT count(*)::int AS n FROM migrations');
    expect(rows).toEqual([{ n: MIGRATIONS.length }]);
  });

  it.each([
    ["INSERT INTO people (id, name) VALUES (gen_random_uuid(), '  ')", 'people'],
    ["INSERT INTO people (id, name, age) VALUES (gen_random_uuid(), 'Ada', 9)", 'people'],
    ["INSERT INTO people (id, name, avoid) VALUES (gen_random_uuid(), 'Ada', '{gold}')", 'people'],
    [
      "INSERT INTO sessions (id, title, held_on, school) VALUES (gen_random_uuid(), 'x', '2030-01-01', 'guess')",
      'sessions',
    ],
    ["INSERT INTO settings (revision, doc) VALUES (0, '{}')", 'settings'],
    ['INSERT INTO cords (slug, revision, doc) VALUES (\'a\', 1, \'{"slug": "b", "revision": 1}\')', 'cords'],
  ])('refuses %s', async (sql, table) => {
    await expect(database().query(sql)).rejects.toThrow(new RegExp(`violates check constraint "${table}`));
  });

  it('refuses a wrist without how and when it was taken, and a seat twice for one person', async () => {
    const { seats } = await newSession([{ name: 'Ada', ...measured }]);
    const { id } = seats[0]!;
    await expect(
      database().query('UPDATE seats SET wrist_method = NULL WHERE id = $1', { bind: [id] }),
    ).rejects.toThrow(/check constraint/);
    await expect(
      database().query(
        'INSERT INTO seats (id, session_id, person_id, position) SELECT gen_random_uuid(), session_id, person_id, 9 FROM seats WHERE id = $1',
        { bind: [id] },
      ),
    ).rejects.toThrow(/Validation error|unique/i);
  });
});

describe('two people at one session', () => {
  it('one edit is stored, the later one is told what stands, and nothing is overwritten', async () => {
    const { seats } = await newSession([{ name: 'Ada', ...measured }]);
    const { id, version, person_version } = seats[0]!;
    await editSeat(id, { version, person_version, changes: { wrist_mm: 170 } });
    const late = editSeat(id, { version, person_version, changes: { wrist_mm: 180 } });
    await expect(late).rejects.toMatchObject({
      status: 409,
      more: { current: { wrist_mm: 170, version: version + 1 } },
    });
  });

  it('of forty edits at once exactly one is stored', async () => {
    const { seats } = await newSession([{ name: 'Ada', ...measured }]);
    const { id, version, person_version } = seats[0]!;
    const all = await Promise.allSettled(
      Array.from({ length: 40 }, (_, i) => editSeat(id, { version, person_version, changes: { note: `note ${i}` } })),
    );
    expect(all.filter((r) => r.status === 'fulfilled')).toHaveLength(1);
    expect(
      all.filter((r) => r.status === 'rejected').every((r) => (r.reason as { status: number }).status === 409),
    ).toBe(true);
  });

  it('an edit whose answer was lost may be sent again', async () => {
    const { seats, session } = await newSession([{ name: 'Ada', ...measured }]);
    const { id, version, person_version } = seats[0]!;
    const edit = { version, person_version, changes: { wrist_mm: 172, wrist_method: 'tape' as const } };
    const first = await editSeat(id, edit);
    expect(await editSeat(id, edit)).toEqual(first);
    const rename = { version: session.version, changes: { title: 'Ebb club' } };
    expect((await editSession(session.id, rename)).version).toBe(session.version + 1);
    expect((await editSession(session.id, rename)).version).toBe(session.version + 1);
  });

  it('a name changed on the people page does not vanish under an edit of the seat', async () => {
    const { seats } = await newSession([{ name: 'Ada', ...measured }]);
    const seat = seats[0]!;
    await editPerson(seat.person_id, { version: seat.person_version, changes: { name: 'Adah' } });
    const rename = editSeat(seat.id, {
      version: seat.version,
      person_version: seat.person_version,
      changes: { name: 'Adda' },
    });
    await expect(rename).rejects.toMatchObject({ status: 409 });
    // What is the seat's own is no conflict.
    const { seat: ease } = await editSeat(seat.id, {
      version: seat.version,
      person_version: seat.person_version,
      changes: { ease: 'loose' },
    });
    expect(ease).toMatchObject({ name: 'Adah', ease: 'loose' });
  });
});

describe('seats', () => {
  it('sent twice are added once', async () => {
    const { session } = await newSession();
    const seats = [{ id: randomUUID(), name: 'Ada', ...measured }];
    await Promise.all([addSeats(session.id, seats), addSeats(session.id, seats)]);
    expect((await openSession(session.id)).seats).toHaveLength(1);
    expect(await findPeople('')).toHaveLength(1);
  });

  it('know a person by name and take the last measured wrist, but two of one name are two people', async () => {
    await newSession([{ name: 'Ada', age: 9, ...measured }]);
    const { seats } = await newSession([{ name: 'ada' }, { name: 'Ada' }]);
    expect(seats[0]).toMatchObject({ name: 'Ada', wrist_mm: 165, wrist_method: 'tape' });
    expect(seats[1]).toMatchObject({ wrist_mm: null });
    expect(seats[0]!.person_id).not.toBe(seats[1]!.person_id);
    // Nine when asked, in an earlier year: older, by whole years, on the session's day.
    expect(seats[0]!.age).toBeGreaterThan(9);
  });

  it('keep a history of measured wrists, never of estimates', async () => {
    const { seats } = await newSession([
      { name: 'Ada', wrist_mm: 150, wrist_method: 'estimate', project: 'band-buckle' },
    ]);
    const { id, person_id, version, person_version } = seats[0]!;
    expect((await openPerson(person_id)).wrists).toEqual([]);
    await editSeat(id, { version, person_version, changes: { wrist_mm: 154, wrist_method: 'tape' } });
    expect((await openPerson(person_id)).wrists).toMatchObject([{ mm: 154, method: 'tape' }]);
  });

  it('taken out can be put back as they were', async () => {
    const view = await newSession([
      { name: 'Ada', ...measured, note: 'left-handed' },
      { name: 'Bo', ...measured },
    ]);
    const { version: _v, person_version: _pv, wrist_on: _w, ...rest } = view.seats[0]!;
    expect((await removeSeat(rest.id, view.session.id, 1)).seats.map((s) => s.name)).toEqual(['Bo']);
    const back = await addSeats(view.session.id, [rest]);
    expect(back.seats[0]).toMatchObject({
      id: rest.id,
      person_id: rest.person_id,
      name: 'Ada',
      note: 'left-handed',
      position: 0,
    });
    // Out already, its answer lost, it is out; of a session that is not there nothing is.
    expect((await removeSeat(randomUUID(), view.session.id, 1)).seats).toHaveLength(2);
    await expect(removeSeat(rest.id, view.session.id, 9)).rejects.toMatchObject({ status: 409 });
    await expect(removeSeat(rest.id, randomUUID(), 1)).rejects.toMatchObject({ status: 404 });
  });

  it('name only what is in the catalogue', async () => {
    const { session } = await newSession();
    const add = (changes: object) => addSeats(session.id, [{ id: randomUUID(), name: 'Ada', ...changes }]);
    await expect(add({ project: 'no-such' })).rejects.toMatchObject({
      status: 422,
      more: { pointer: '/seats/0/project' },
    });
    await expect(add({ cords: { whole: { cord: 'string' } } })).rejects.toMatchObject({
      more: { pointer: '/seats/0/cords/whole/cord' },
    });
    await expect(add({ cords: { whole: { cord: 'sheathed-4', colours: ['puce'] } } })).rejects.toMatchObject({
      status: 422,
    });
    await expect(
      addSeats(
        session.id,
        Array.from({ length: 501 }, (_, i) => ({ id: randomUUID(), name: `P${i}` })),
      ),
    ).rejects.toMatchObject({ code: 'too-many' });
    expect((await openSession(session.id)).seats).toEqual([]);
  });
});

describe('a session', () => {
  it('deleted is gone for edits, and comes back whole', async () => {
    const { session, seats } = await newSession([{ name: 'Ada', ...measured }]);
    await deleteSession(session.id, session.version);
    const { id, version, person_version } = seats[0]!;
    await expect(editSeat(id, { version, person_version, changes: { note: 'x' } })).rejects.toMatchObject({
      status: 410,
    });
    await expect(openSession(session.id)).rejects.toMatchObject({ status: 410 });
    expect((await restoreSession(session.id)).seats).toEqual(seats);
  });

  it('notes its cut only when what was seen is what is called for', async () => {
    const view = await newSession([{ name: 'Ada', ...measured }]);
    const seen = cutsNow(planOf(view).seats).map(cutKey);
    const { id, version, person_version } = view.seats[0]!;
    await editSeat(id, { version, person_version, changes: { wrist_mm: 190 } });
    await expect(noteCut(view.session.id, view.session.version, true, seen)).rejects.toMatchObject({ status: 409 });
    const now = await openSession(view.session.id);
    const noted = await noteCut(view.session.id, now.session.version, true, cutsNow(planOf(now).seats).map(cutKey));
    expect(noted.session.cut_done!.seats).toHaveLength(1);
  });

  it('ahead is on Today with its beads, soonest first; past and deleted ones are not', async () => {
    const make = async (title: string, held_on: string) => {
      const id = randomUUID();
      await createSession(id, { title, held_on });
      return id;
    };
    const later = await make('Later', '2030-05-05');
    const soon = await make('Soon', '2030-05-02');
    await make('Past', '2030-04-30');
    await deleteSession(await make('Gone', '2030-05-03'), 1);
    await addSeats(soon, [
      { id: randomUUID(), name: 'Ada', ...measured },
      { id: randomUUID(), name: 'Bo', project: 'band-buckle' },
    ]);
    const { sessions } = await openToday('2030-05-01');
    expect(sessions.map((s) => s.id)).toEqual([soon, later]);
    expect(sessions[0]!.beads.map((b) => b.state)).toEqual(['solid', 'hollow']);
  });
});
