import { randomUUID } from 'node:crypto';
import { zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { openGallery } from '../../../src/app/studio/gallery';
import { checkedProject, projectPage, saveProject } from '../../../src/app/studio/projects';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, deleteSession, openSession, planOf } from '../../../src/app/session/session';
import { editDocument, openSettings } from '../../../src/app/studio/settings';
import { moveLot } from '../../../src/app/shelf/move-lot';
import { receiveStock } from '../../../src/app/shelf/receive';
import { openToday } from '../../../src/app/session/today';
import { BLANK_PROJECT, PROJECT_RULES, type Project } from '../../../src/core/project';
import { cutsDone, stagesOf } from '../../../src/core/session';
import { database } from '../../../src/data/database/connection';
import type { Tables } from '../../../src/formats/archive';
import { everything, exported, imported, packed } from '../support/archive';
import { emptyStudio, freshStudio } from '../support/database';
import { BUCKLE, CORD, expectLedgerTrue, session, stock } from '../support/shelf';

freshStudio();

const ANYTHING = { skill: null, age: null, minutes: null, onShelf: false, noFlame: false };

describe('an archive', () => {
  it('taken while others write is of one moment: every one of them comes into an empty studio, equal to itself', async () => {
    const lot = await stock(CORD, 100_000);
    await stock(BUCKLE, 500, 'bag');
    let writing = true;
    const write = async (i: number): Promise<void> => {
      while (writing) {
        const view = await session(`Written ${i}`, '2031-05-04', [`Guest ${i}`, `Other ${i}`]);
        await moveLot(lot, { key: randomUUID(), kind: 'issue', amount: 3, note: '' });
        await receiveStock(randomUUID(), [
          { item: CORD, lots: [{ kind: 'spool', amount: 900, place: '', tare: null }], note: '' },
        ]);
        await deleteSession(view.session.id, view.session.version);
      }
    };
    const writers = [0, 1, 2, 3].map(write);
    const archives: Uint8Array[] = [];
    for (let i = 0; i < 4; i++) archives.push(await exported());
    writing = false;
    await Promise.all(writers);
    for (const archive of archives) {
      await emptyStudio();
      await imported(archive);
      await expectLedgerTrue();
      // Taken out again it is the same, row by row.
      const again = await everything();
      await emptyStudio();
      await imported(packed(again));
      expect(await everything()).toEqual(again);
    }
  }, 120_000);

  it('of an older version is brought up: its cut stays tied, its catalogue has revisions, its lots versions', async () => {
    const view = await session('Old', '2031-05-04', ['Ada']);
    await stock(CORD, 9000);
    const now = await everything();
    const { cuts } = planOf(view).seats[0]!.plan.cut!;
    const before = (rows: Tables[string], change: (row: Record<string, unknown>) => object) =>
      rows.map((row) => change({ ...row }) as Record<string, unknown>);
    const withoutRevision = ({ revision, made_at: _, doc, ...row }: Record<string, unknown>) => {
      const { revision: _r, ...old } = doc as Record<string, unknown>;
      return { ...row, version: revision, doc: old };
    };
    const old: Tables = {
      ...now,
      settings: before(now.settings!, ({ doc }) => ({ id: 1, doc, version: 4 })),
      cords: before(now.cords!, withoutRevision),
      hardware: before(now.hardware!, withoutRevision),
      projects: before(now.projects!, ({ made_at: _, rules: _r, ...row }) => row),
      people: before(now.people!, ({ forgotten: _, ...row }) => row),
      lots: before(now.lots!, ({ version: _, ...row }) => row),
      sessions: before(now.sessions!, ({ noted_at: _, ...row }) => ({
        ...row,
        cut_done: cuts.map(({ cord, colour, role, pieces, length_mm }) => ({
          seat: view.seats[0]!.id,
          label: 'Ada',
          cord,
          colour,
          role,
          pieces,
          length_mm,
        })),
      })),
    };
    await emptyStudio();
    await imported(packed(old, 5));
    const { session: own, seats, studio, since, bench, noted } = await openSession(view.session.id);
    const plan = planOf({ session: own, seats, studio, since, bench, noted });
    expect(stagesOf(plan.seats, cutsDone(own.cut_done!)).find(({ stage }) => stage === 'cut')!.state).toBe('tied');
    // The same as they ship, and the next that is changed goes on from there.
    const { cords } = await openSettings();
    for (const { slug, revision } of cords) expect(revision, slug).toBe(SHIPPED.cords[slug]!.revision);
    await editDocument('cords', cords[0]!.slug, cords[0]!.revision, { ...cords[0]!, diameter_mm: 3.3 });
    await expectLedgerTrue();
  });

  it('is not looked into where there is something: people, stock, or a project of one’s own', async () => {
    const archive = await exported();
    await saveProject(null, { ...BLANK_PROJECT, slug: 'weir-band', name: 'Weir band' });
    await expect(imported(archive)).rejects.toMatchObject({ code: 'not-empty' });
    // Not even what is no archive at all: emptiness comes first.
    await expect(imported(new Uint8Array(10))).rejects.toMatchObject({ code: 'not-empty' });
  });

  it('that unpacks to more than any studio is refused before it fills the machine, whatever it says of its size', async () => {
    const bomb = zipSync(
      { 'manifest.json': new Uint8Array(0), 'people.json': new Uint8Array(150_000_000) },
      { level: 9 },
    );
    expect(bomb.length).toBeLessThan(400_000);
    // It lies about its size.
    const at = bomb.findIndex((_, i) => i > 30 && bomb[i] === 0x50 && bomb[i + 1] === 0x4b && bomb[i + 2] === 1);
    bomb.fill(0, at + 24, at + 28);
    await expect(imported(bomb)).rejects.toMatchObject({ code: 'archive' });
  });

  it.each<[string, Tables, RegExp]>([
    [
      'a cord without its colours',
      { cords: [{ slug: 'x', revision: 1, doc: { slug: 'x', revision: 1 } }] },
      /cords\.json: \/0\/doc/,
    ],
    [
      'a project that leads to nothing',
      {
        projects: [
          {
            slug: 'x',
            revision: 1,
            made_at: '2030-05-01T00:00:00Z',
            rules: PROJECT_RULES,
            doc: { ...BLANK_PROJECT, slug: 'x', parts: [{ id: 'loop', part: 'no-such' }] },
          },
        ],
      },
      /projects\.json: \/0\/doc\/parts/,
    ],
    ['lanes that are none', { sessions: [{ id: randomUUID(), lanes: [{ item: 7 }] }] }, /sessions\.json: \/0\/lanes/],
    ['kits that are none', { sessions: [{ id: randomUUID(), kits: { ticks: 'x' } }] }, /sessions\.json: \/0\/kits/],
    [
      'options of a made-up kind',
      { seats: [{ options: { hat: 1 }, cords: {}, wishes: [] }] },
      /seats\.json: \/0\/options/,
    ],
  ])('with %s is refused whole, with the file and the place', async (_, tables, words) => {
    await expect(imported(packed(tables))).rejects.toThrow(words);
  });

  it('with names that every object answers to does no harm', async () => {
    const text = `[{"id": "${randomUUID()}", "name": "Ada", "__proto__": {"admin": true}, "constructor": {"x": 1}}]`;
    const rows = JSON.parse(text) as Tables[string];
    await expect(imported(packed({ people: rows }))).rejects.toMatchObject({ code: 'archive' });
    expect(({} as { admin?: boolean }).admin).toBeUndefined();
    await expect(imported(packed({}, 99))).rejects.toMatchObject({ code: 'archive' });
  });
});

describe('one bad row', () => {
  const bare = (changes: Partial<Project>): Project => ({
    ...BLANK_PROJECT,
    slug: 'weir-band',
    name: 'Weir',
    ...changes,
  });

  it('of a project is not saved: without cord in some way it can be chosen, or with thread alone', async () => {
    const conditional = bare({ cords: BLANK_PROJECT.cords.map((cord) => ({ ...cord, when: { colours: 2 } })) });
    await expect(saveProject(null, conditional)).rejects.toMatchObject({ status: 422, code: 'project' });
    const thread = bare({ cords: BLANK_PROJECT.cords.map((cord) => ({ ...cord, role: 'thread' as const })) });
    await expect(checkedProject(thread)).rejects.toMatchObject({ status: 422, code: 'project' });
  });

  it('that is there all the same says so, and leaves its neighbours on every page', async () => {
    const broken = { ...bare({}), parts: [{ id: 'loop', part: 'no-such-part' }] };
    await database().query(`INSERT INTO projects (slug, revision, doc) VALUES ('weir-band', 1, $1)`, {
      bind: [JSON.stringify(broken)],
    });
    const { cards } = await openGallery(ANYTHING);
    expect(cards).toHaveLength(Object.keys(SHIPPED.projects).length + 1);
    expect(cards.filter(({ plan }) => plan.piece)).toHaveLength(Object.keys(SHIPPED.projects).length);
    await expect(projectPage('weir-band')).rejects.toMatchObject({ status: 422 });
    await createSession('00000000-0000-4000-8000-000000000001', { title: 'Mixed', held_on: '2031-05-04' });
    const seats = ['weir-band', 'band-buckle'].map((project) => ({
      id: randomUUID(),
      name: project,
      wrist_mm: 165,
      project,
    }));
    const view = await addSeats('00000000-0000-4000-8000-000000000001', seats);
    const plans = planOf(view).seats.map(({ plan }) => plan);
    expect(plans[0]!.messages.map(({ code }) => code)).toEqual(['broken']);
    expect(plans[1]!.cut!.cuts).toHaveLength(1);
    expect((await openToday('2031-05-01')).sessions[0]!.beads.map(({ state }) => state)).toEqual(['notched', 'solid']);
  });

  it('named like an object’s own method is nothing in the catalogue', async () => {
    const view = await session('Names', '2031-05-04', ['Ada']);
    for (const cord of ['constructor', 'toString', '__proto__', 'valueOf']) {
      const seat = { id: randomUUID(), name: 'Bo', project: 'band-buckle', cords: { whole: { cord } } };
      await expect(addSeats(view.session.id, [seat])).rejects.toMatchObject({ status: 422 });
    }
    await expect(editDocument('cords', 'constructor', 1, { slug: 'constructor' } as never)).rejects.toMatchObject({
      status: 404,
    });
  });
});
