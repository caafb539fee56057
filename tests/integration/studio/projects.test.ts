import { SHIPPED } from '../../../catalogue';
import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import {
  checkedProject,
  composerStart,
  openProject,
  drawnProject,
  projectPage,
  saveProject,
} from '../../../src/app/studio/projects';
import { openGallery } from '../../../src/app/studio/gallery';
import { editSeat } from '../../../src/app/session/edit-seats';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, openSession, planOf } from '../../../src/app/session/session';
import { stockStudio } from '../../../src/app/studio/studio';
import type { Project } from '../../../src/core/project';
import { database } from '../../../src/data/database/connection';
import { MIGRATIONS } from '../../../src/data/migrations';
import { freshStudio } from '../support/database';

freshStudio();

const own = async (): Promise<Project> => ({
  ...(await openProject('band-buckle')),
  slug: 'quay-band',
  name: 'Quay band',
});
const inThin = (project: Project): Project => ({
  ...project,
  cords: project.cords.map((cord) => ({ ...cord, default: 'sheathed-2' })),
});
const seatWith = async (project: string): Promise<{ session: string; seat: string }> => {
  const [session, seat] = [randomUUID(), randomUUID()];
  await createSession(session, { title: 'Quay night', held_on: '2031-04-05' });
  await addSeats(session, [{ id: seat, name: 'Ada Quoin', age: 30, wrist_mm: 165, wrist_method: 'tape', project }]);
  return { session, seat };
};
const cutNow = async (session: string): Promise<number> => {
  const view = await openSession(session);
  return planOf(view).seats[0]!.plan.cut!.total_mm;
};

const ANYTHING = { skill: null, age: null, minutes: null, onShelf: false, noFlame: false };

describe('projects', () => {
  it('are kept in every revision: a session stays with the one it was planned with until it takes the newer', async () => {
    const first = await saveProject(null, await own());
    expect(first.revision).toBe(1);
    const { session, seat } = await seatWith('quay-band');
    const before = await cutNow(session);
    const second = await saveProject(1, inThin(first));
    expect(second.revision).toBe(2);
    expect((await openProject('quay-band')).revision).toBe(2);
    expect(await cutNow(session)).toBe(before);

    const { version, person_version } = (await openSession(session)).seats[0]!;
    await editSeat(seat, { version, person_version, changes: { project_revision: 2 } });
    expect(await cutNow(session)).not.toBe(before);
    // A seat that chooses the project now is planned with the newest.
    const fresh = await seatWith('quay-band');
    expect((await openSession(fresh.session)).seats[0]!.project_revision).toBe(2);
  });

  it('of forty saves at once exactly one is the next revision', async () => {
    const first = await saveProject(null, await own());
    const saves = await Promise.allSettled(
      Array.from({ length: 40 }, (_, i) => saveProject(1, { ...first, name: `Quay band ${i}` })),
    );
    expect(saves.filter((save) => save.status === 'fulfilled')).toHaveLength(1);
    for (const save of saves) if (save.status === 'rejected') expect(save.reason).toMatchObject({ status: 409 });
    expect((await openProject('quay-band')).revision).toBe(2);
  });

  it('are refused with the field at fault, when taken, and when changed from an older revision', async () => {
    const doc = await own();
    const broken = { ...doc, parts: doc.parts.map((part) => ({ ...part, on: 'nothing' })) };
    await expect(saveProject(null, broken)).rejects.toMatchObject({
      status: 422,
      more: { pointer: '/doc/parts/0/on' },
    });
    await saveProject(null, doc);
    await expect(saveProject(null, doc)).rejects.toMatchObject({ status: 409, more: { pointer: '/doc/slug' } });
    await saveProject(1, doc);
    await expect(saveProject(1, doc)).rejects.toMatchObject({ status: 409, code: 'stale' });
    const { session, seat } = await seatWith('quay-band');
    const { version, person_version } = (await openSession(session)).seats[0]!;
    await expect(editSeat(seat, { version, person_version, changes: { project_revision: 9 } })).rejects.toMatchObject({
      status: 422,
    });
  });

  it('are composed from a copy under a name that is free, from nothing, or revised as they are', async () => {
    const copy = async () => (await composerStart('band-buckle', false)).first;
    expect(await composerStart('band-buckle', false)).toMatchObject({
      base: null,
      first: { slug: 'band-buckle-copy', name: 'Buckle band, changed', revision: 1 },
    });
    await saveProject(null, await copy());
    await saveProject(null, await copy());
    expect(Object.keys((await composerStart('new', false)).catalogue.projects)).toEqual(
      expect.arrayContaining(['band-buckle-copy', 'band-buckle-copy-2']),
    );
    expect((await copy()).slug).toBe('band-buckle-copy-3');
    await saveProject(1, { ...(await openProject('band-buckle-copy')), name: 'Weir band' });
    expect(await composerStart('band-buckle-copy', true)).toMatchObject({
      base: 2,
      first: { name: 'Weir band', revision: 2 },
    });
    // The blank can be saved as it stands, but for its name in an address.
    const { first, base } = await composerStart('new', false);
    expect(base).toBeNull();
    expect(await checkedProject({ ...first, slug: 'first-of-mine' })).toMatchObject({ slug: 'first-of-mine' });
    await expect(composerStart('no-such', false)).rejects.toMatchObject({ status: 404 });
    await expect(openProject('constructor')).rejects.toMatchObject({ status: 404 });
  });

  it('from a file are checked against this studio’s catalogue, and nothing is saved by looking', async () => {
    const doc = { ...(await own()), cords: (await own()).cords.map((cord) => ({ ...cord, default: 'silk-9' })) };
    await expect(checkedProject(doc)).rejects.toMatchObject({
      status: 422,
      message: expect.stringMatching(/“silk-9” is not in the catalogue; there are: .*satin-2/) as string,
      more: { pointer: '/doc/cords/0/default' },
    });
    await checkedProject(await own());
    await expect(openProject('quay-band')).rejects.toMatchObject({ status: 404 });
  });

  it('show sizes from a child’s to a large wrist, longer for longer, and why a cord would not do', async () => {
    const { sizes, cords, isTwo } = await projectPage('double-spiral');
    const { plan: turned } = await drawnProject('double-spiral', false, true);
    expect(isTwo).toBe(true);
    const cuts = sizes.map(({ plan }) => plan.cut!.total_mm);
    expect(sizes.map(({ wrist }) => wrist)).toEqual([130, 150, 170, 190, 210]);
    expect(cuts).toEqual([...cuts].sort((a, b) => a - b));
    expect(new Set(cuts).size).toBe(cuts.length);
    // Turned round, the same band has its colours the other way about, and needs no more of either.
    const shown = (await projectPage('double-spiral')).plan;
    expect(turned.cut!.total_mm).toBe(shown.cut!.total_mm);
    expect(turned.piece!.cords.map(({ colour }) => colour)).not.toEqual(shown.piece!.cords.map(({ colour }) => colour));
    for (const cord of cords) expect(cord.clash === null || cord.clash.length > 20).toBe(true);
    // A fob has one size of its own.
    expect((await projectPage('fob-ring')).sizes).toHaveLength(1);
  });

  it('that ship all have a page and a place in the gallery', async () => {
    const { cards } = await openGallery(ANYTHING);
    expect(cards).toHaveLength(20);
    for (const { project, plan } of cards) {
      expect({ slug: project.slug, cut: plan.cut !== undefined }).toEqual({ slug: project.slug, cut: true });
      const page = await projectPage(project.slug);
      expect(page.cords.filter((cord) => cord.clash === null).length).toBeGreaterThan(0);
    }
    await expect(projectPage('no-such')).rejects.toMatchObject({ status: 404 });
  });

  it('of a studio from before revisions are carried over with the seats that use them', async () => {
    const { session } = await seatWith('band-buckle');
    const steps = MIGRATIONS.slice(MIGRATIONS.findIndex(({ name }) => name === '002-projects'));
    for (const { down } of [...steps].reverse()) await database().query(down);
    const [old] = await database().query("SELECT count(*)::int AS n FROM seats WHERE project = 'band-buckle'");
    expect(old).toEqual([{ n: 1 }]);
    for (const { up } of steps) await database().query(up);
    await stockStudio();
    const view = await openSession(session);
    expect(view.seats[0]).toMatchObject({
      project: 'band-buckle',
      project_revision: SHIPPED.projects['band-buckle']!.revision,
    });
    expect(view.studio.catalogue.hardware['buckle-15']).toMatchObject({ length_mm: 0 });
    expect(await cutNow(session)).toBeGreaterThan(2000);
  });
});
