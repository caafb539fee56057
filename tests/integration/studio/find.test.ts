import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { findAnything } from '../../../src/app/studio/find';
import { openGallery, type GalleryWish } from '../../../src/app/studio/gallery';
import { editSettings, openSettings } from '../../../src/app/studio/settings';
import { deleteSession } from '../../../src/app/session/session';
import { findPeople, forgetPerson, openPerson } from '../../../src/app/people/people';
import { itemOfLot } from '../../../src/app/shelf/shelf';
import { freshStudio } from '../support/database';
import { BUCKLE, CORD, session, stock } from '../support/shelf';

freshStudio();

describe('found by a part of its name', () => {
  const kinds = async (text: string) => (await findAnything(text)).map(({ kind, title }) => `${kind}: ${title}`);

  it('sessions, people, projects, the shelf and settings, and a lot by its number', async () => {
    const lot = await stock(CORD, 9000);
    await session('Wend evening', '2031-05-04', ['Wenda Sill', 'Ada Quoin']);
    expect(await kinds('wend')).toEqual(['session: Wend evening', 'person: Wenda Sill']);
    expect(await kinds('  SILL wenda')).toEqual([]);
    expect(await kinds('buckle band')).toEqual(['project: Buckle band']);
    expect(await kinds('race sheathed')).toEqual(['shelf: Sheathed nylon 4 mm, Race blue']);
    expect(await kinds('tail hold new')).toEqual(['setting: Tail to hold, new']);
    const { number } = (await itemOfLot(lot))!;
    const [found] = await findAnything(String(number));
    expect(found).toMatchObject({ kind: 'shelf', href: `/shelf?lot=${lot}` });
    expect(await itemOfLot(randomUUID())).toBeNull();
    expect(await kinds(' ')).toEqual([]);
    expect(await kinds('%_')).toEqual([]);
  });

  it('what is deleted or forgotten is not', async () => {
    const { session: made } = await session('Wend evening', '2031-05-04', ['Wenda Sill']);
    await deleteSession(made.id, made.version);
    const [person] = await findPeople('Wenda');
    await forgetPerson(person!.id, { version: (await openPerson(person!.id)).version });
    expect(await kinds('wend')).toEqual([]);
  });
});

describe('the gallery', () => {
  const ANY: GalleryWish = { skill: null, age: null, minutes: null, onShelf: false, noFlame: false };
  const slugs = async (wish: Partial<GalleryWish>) =>
    (await openGallery({ ...ANY, ...wish })).cards.map(({ project }) => project.slug);

  it('shows what a maker of a skill is given, in their minutes', async () => {
    const all = await slugs({});
    expect(all).toHaveLength(20);
    const [first, steady] = [await slugs({ skill: 'new' }), await slugs({ skill: 'steady' })];
    expect(first.length).toBeLessThan(steady.length);
    expect(steady).toEqual(expect.arrayContaining(first));
    expect(await slugs({ skill: 'fluent' })).toEqual(all);
    // A child takes longer: fewer fit into as many minutes.
    const quick = await slugs({ minutes: 30 });
    const child = await slugs({ minutes: 30, age: 8 });
    expect(child.length).toBeLessThan(quick.length);
    for (const { plan } of (await openGallery({ ...ANY, minutes: 30, age: 8 })).cards)
      expect(plan.minutes).toBeLessThanOrEqual(30);
  });

  it('shows what there is enough of on the shelf, in whatever colour, and only what nobody has reserved', async () => {
    expect(await slugs({ onShelf: true })).toEqual([]);
    await stock('cord/sheathed-4/night', 20_000);
    expect(await slugs({ onShelf: true })).not.toContain('band-buckle');
    await stock(BUCKLE, 1, 'bag');
    expect(await slugs({ onShelf: true })).toContain('band-buckle');
    await stock('cord/sheathed-4/race', 20_000);
  });

  it('without a flame leaves out what is fused as it is usually made', async () => {
    const cards = (await openGallery({ ...ANY, noFlame: true })).cards;
    expect(cards.length).toBeGreaterThan(0);
    expect(cards.every(({ plan }) => plan.piece && !plan.piece.flame)).toBe(true);
    // Whom no heat is for has its ends tucked: nothing is left out for them.
    expect(await slugs({ noFlame: true, age: 9 })).toHaveLength(20);
  });
});

it('language, region and currency are settings like the others, and what is none is refused', async () => {
  const { settings, version } = await openSettings();
  const saved = await editSettings(version, { ...settings, region: 'de-AT', currency: 'EUR' });
  expect(saved.settings).toMatchObject({ region: 'de-AT', currency: 'EUR' });
});
