import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { openOutlook } from '../../../src/app/buying/outlook';
import { projectPage } from '../../../src/app/studio/projects';
import { releaseSession, reserveSession } from '../../../src/app/kits/reserve';
import { editSeat } from '../../../src/app/session/edit-seats';
import { noteCut, noteStudio, openSession, planOf } from '../../../src/app/session/session';
import { editDocument, editSettings, openSettings } from '../../../src/app/studio/settings';
import { figuresBroughtUp, markOf } from '../../../src/app/studio/shipped';
import { sessionStock } from '../../../src/app/kits/session-stock';
import { stockStudio } from '../../../src/app/studio/studio';
import { tableSheet } from '../../../src/app/sheets/table-sheet';
import { cutKey, cutsNow } from '../../../src/core/seat';
import { FIGURES, STARTING_FIGURES } from '../../../src/core/studio';
import { database } from '../../../src/data/database/connection';
import { freshStudio } from '../support/database';
import { BUCKLE, CORD, expectLedgerTrue, layOut, session, stock } from '../support/shelf';

freshStudio();

const setFigures = async (changes: Partial<typeof STARTING_FIGURES>) => {
  const { version, settings } = await openSettings();
  await editSettings(version, { ...settings, figures: { ...settings.figures, ...changes } });
};
const lengths = async (id: string) => cutsNow(planOf(await openSession(id)).seats).map((cut) => cut.length_mm);
const cut = async (id: string) => {
  const view = await openSession(id);
  return noteCut(id, view.session.version, true, cutsNow(planOf(view).seats).map(cutKey));
};

describe('a studio that changes its figures', () => {
  it('leaves what is cut as it was, and tells sessions that are not what changed and by how much', async () => {
    const done = (await session('Cut', '2031-05-04', ['Ada'])).session.id;
    const open = (await session('Open', '2031-05-05', ['Bo', 'Cy'])).session.id;
    await cut(done);
    const before = await lengths(done);
    expect((await openSession(open)).since).toBeNull();

    await setFigures({ tail_new: STARTING_FIGURES.tail_new + 100 });
    expect(await lengths(done)).toEqual(before);
    expect((await openSession(done)).since).toBeNull();
    const now = await lengths(open);
    expect(now[0]).toBeGreaterThan(before[0]!);
    const { since } = await openSession(open);
    const figure = FIGURES.find(({ name }) => name === 'tail_new')!;
    expect(since!.what).toEqual([
      {
        name: `${figure.label}, ${figure.unit}`,
        was: String(figure.start),
        is: String(figure.start + 100),
      },
    ]);
    expect(since!.seats).toEqual(
      ['Bo', 'Cy'].map((label, i) => expect.objectContaining({ label, was: [before[0]], is: [now[i]] }) as unknown),
    );

    // Noted, it is not told again; the next change is.
    const seen = await openSession(open);
    expect((await noteStudio(open, seen.studio.made_at)).since).toBeNull();
    expect((await openSession(open)).since).toBeNull();
    // Other settings change no length: the moment stays that of the last figures.
    for (const name of ['Tide Loft', 'Mill Loft']) {
      const { version, settings } = await openSettings();
      await editSettings(version, { ...settings, name });
    }
    expect((await openSession(open)).studio.made_at).toBe(seen.studio.made_at);
    const { cords } = await openSettings();
    const cord = cords.find(({ slug }) => slug === 'sheathed-4')!;
    await editDocument('cords', cord.slug, cord.revision, { ...cord, diameter_mm: 4.4 });
    expect((await openSession(open)).since!.what).toEqual([
      { name: `${cord.name}, diameter mm`, was: String(cord.diameter_mm), is: '4.4' },
    ]);
    expect(await lengths(done)).toEqual(before);
  });

  it('keeps every revision of a cord, and refuses one made from an older', async () => {
    const { cords } = await openSettings();
    const cord = cords.find(({ slug }) => slug === 'satin-2')!;
    await editDocument('cords', 'satin-2', 1, { ...cord, diameter_mm: 2.2 });
    await expect(editDocument('cords', 'satin-2', 1, { ...cord, diameter_mm: 2.3 })).rejects.toMatchObject({
      status: 409,
      more: { current: { revision: 2, diameter_mm: 2.2 } },
    });
    const [rows] = await database().query("SELECT revision FROM cords WHERE slug = 'satin-2' ORDER BY revision");
    expect(rows).toEqual([{ revision: 1 }, { revision: 2 }]);
  });

  it('does not ask for more cord of a session that has reserved all it needs, whatever its loss a cut', async () => {
    await setFigures({ cut_loss: 2.4 });
    await stock(CORD, 8800);
    await stock(CORD, 8800);
    await stock(BUCKLE, 20, 'bag');
    const view = await session('Lossy', '2031-05-04', ['Ada', 'Bo', 'Cy', 'Di', 'Eo', 'Flo']);
    await reserveSession(view.session.id, view.session.version, randomUUID(), await layOut(view));
    const line = (await openOutlook()).items.find(({ item }) => item === CORD)!;
    expect(line).toMatchObject({ short: 0, packs: 0 });
    await expectLedgerTrue();
  });

  it('cuts by the loss it was cut with, on the table sheet as on the shelf', async () => {
    await stock(CORD, 30_000);
    await stock(BUCKLE, 20, 'bag');
    const view = await session('Marks', '2031-05-04', ['Ada', 'Bo']);
    await cut(view.session.id);
    const fresh = await openSession(view.session.id);
    const reserved = await reserveSession(fresh.session.id, fresh.session.version, randomUUID(), await layOut(fresh));
    const before = (await tableSheet(view.session.id)).groups;
    await setFigures({ cut_loss: 11 });
    expect((await tableSheet(view.session.id)).groups).toEqual(before);
    await releaseSession(reserved.session.id, reserved.session.version, randomUUID());
  });
});

describe('a layout that is not of the shelf', () => {
  it('is refused: another cord’s lot, a lane of a millimetre, a group twice', async () => {
    const spool = await stock(CORD, 30_000);
    const other = await stock('cord/satin-2/race', 30_000);
    await stock(BUCKLE, 20, 'bag');
    const view = await session('Made up', '2031-05-04', ['Ada', 'Bo']);
    const { lots } = await sessionStock(view.session.id);
    expect(lots[CORD]!.map(({ id }) => id)).toEqual([spool]);
    const layout = await layOut(view);
    const send = (given: typeof layout) => reserveSession(view.session.id, view.session.version, randomUUID(), given);
    const change = (lane: object) => layout.map((group) => ({ ...group, lanes: [{ ...group.lanes[0]!, ...lane }] }));
    await expect(send(change({ stock: other }))).rejects.toMatchObject({ code: 'stale' });
    await expect(send(change({ length_mm: 1 }))).rejects.toMatchObject({ code: 'stale' });
    await expect(send([...layout, ...layout])).rejects.toMatchObject({ code: 'stale' });
    // What the page thought the lot holds is put right.
    const { session: kept } = await send(change({ length_mm: 29_000 }));
    expect(kept.lanes![0]!.lanes[0]!.length_mm).toBe(30_000);
    await expectLedgerTrue();
  });
});

describe('an edit that takes an older revision', () => {
  it('is answered with the studio that has it', async () => {
    const { slug, revision, ...doc } = SHIPPED.projects['band-buckle']!;
    await database().query(`INSERT INTO projects (slug, revision, doc) VALUES ($1, $2, $3)`, {
      bind: [slug, revision + 1, JSON.stringify({ ...doc, slug, revision: revision + 1 })],
    });
    const view = await session('Older', '2031-05-04', ['Ada']);
    const { id, version, person_version, project_revision } = view.seats[0]!;
    expect(project_revision).toBe(revision + 1);
    const { seat, studio } = await editSeat(id, { version, person_version, changes: { project_revision: revision } });
    expect(seat.project_revision).toBe(revision);
    expect(studio.catalogue.projects[`band-buckle@${revision}`]).toMatchObject({ revision });
    expect(studio.mark).not.toBe(view.studio.mark);
  });
});

describe('what ships otherwise than it did', () => {
  it('moves on where the studio left it as it came, and stays where it did not', async () => {
    // As if an earlier version had shipped a thicker cord and another buckle; one of them the studio changed.
    const cord = { ...SHIPPED.cords['satin-2']!, diameter_mm: 2.4 };
    const buckle = { ...SHIPPED.hardware['buckle-15']!, closed_mm: 33 };
    await database().query('UPDATE cords SET doc = $1 WHERE slug = $2', { bind: [JSON.stringify(cord), 'satin-2'] });
    await database().query('UPDATE hardware SET doc = $1 WHERE slug = $2', {
      bind: [JSON.stringify(buckle), 'buckle-15'],
    });
    const HASHES = (await import('../../../catalogue/shipped.json')).default as unknown as {
      cords: Record<string, string[]>;
    };
    HASHES.cords['satin-2']!.push(markOf(cord));
    try {
      await stockStudio();
    } finally {
      HASHES.cords['satin-2']!.pop();
    }
    const { cords, hardware, shipped } = await openSettings();
    expect(cords.find(({ slug }) => slug === 'satin-2')).toEqual({ ...SHIPPED.cords['satin-2'], revision: 2 });
    expect(hardware.find(({ slug }) => slug === 'buckle-15')).toEqual(buckle);
    // Both are shown.
    expect(Object.keys(shipped.cords)).toEqual([]);
    expect(shipped.hardware).toEqual({ 'buckle-15': SHIPPED.hardware['buckle-15'] });
    // Started again, nothing moves.
    await stockStudio();
    expect((await openSettings()).cords.find(({ slug }) => slug === 'satin-2')!.revision).toBe(2);
  });

  it('moves figures that still stand at a value they once started with', () => {
    const [first, second] = FIGURES;
    const figures = { ...STARTING_FIGURES, [first!.name]: 49, [second!.name]: 48 };
    const list = FIGURES as unknown as { earlier?: readonly number[] }[];
    list[0]!.earlier = [49];
    try {
      expect(figuresBroughtUp(figures)).toEqual({ ...figures, [first!.name]: first!.start });
      // What a limit of now leaves out comes to that limit.
      expect(figuresBroughtUp({ ...figures, [second!.name]: 4000 })[second!.name]).toBe(second!.max);
    } finally {
      delete list[0]!.earlier;
    }
  });

  it('is shown beside the studio’s own project', async () => {
    const revision = SHIPPED.projects['fob-ring']!.revision + 1;
    const doc = { ...SHIPPED.projects['fob-ring']!, revision, summary: 'As we make it.' };
    await database().query(`INSERT INTO projects (slug, revision, doc) VALUES ('fob-ring', $1, $2)`, {
      bind: [revision, JSON.stringify(doc)],
    });
    expect(await projectPage('fob-ring')).toMatchObject({ beside: 'own', project: { summary: 'As we make it.' } });
    const shipped = await projectPage('fob-ring', true);
    expect(shipped).toMatchObject({ beside: 'shipped', project: { summary: SHIPPED.projects['fob-ring']!.summary } });
    expect((await projectPage('band-buckle')).beside).toBeNull();
  });
});
