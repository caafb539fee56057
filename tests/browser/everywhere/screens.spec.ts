import type { Page } from '@playwright/test';
import { expect, guest, makeSession, open, test } from '../fixture';
import { look } from '../support/look';

/** Where a session of the demo is. */
async function pathOf(page: Page, title: string): Promise<string> {
  await open(page, '/sessions');
  const href = await page.getByRole('link', { name: title }).first().getAttribute('href');
  return href!.replace(/\/seats$/, '');
}

test.describe.configure({ timeout: 180_000 });

test('Today, Sessions, People and what is printed keep to WCAG 2.2 AA at every size', async ({ page, watch }) => {
  watch.mayBeRefused = true;
  for (const [path, name] of [
    ['/', 'Today'],
    ['/sessions', 'Sessions'],
    ['/order-list', 'the order list'],
    ['/sessions/nothing/seats', 'a page that is not there'],
  ] as const) {
    await open(page, path);
    await look(page, name);
  }
  await open(page, '/people');
  await page.getByRole('button', { name: 'Wren Ashlock' }).click();
  await expect(page.getByRole('complementary', { name: 'Wren Ashlock' })).toBeVisible();
  await look(page, 'People');
  const evening = await pathOf(page, 'Tide club evening');
  for (const sheet of ['packing', 'cards', 'table', 'print']) {
    await open(page, `${evening}/${sheet}`);
    await look(page, sheet);
  }
});

test('Projects, the composer and Settings keep to WCAG 2.2 AA at every size', async ({ page }) => {
  for (const [path, name] of [
    ['/projects', 'Projects'],
    ['/projects?flame=no&shelf=yes', 'some of the projects'],
    ['/projects/petal-arms', 'a project'],
    ['/composer/band-buckle', 'the composer'],
    ['/settings', 'Settings'],
  ] as const) {
    await open(page, path);
    await look(page, name);
  }
});

test('every stage and its tray keep to WCAG 2.2 AA at every size', async ({ page }) => {
  const evening = await pathOf(page, 'Tide club evening');
  for (const stage of ['seats', 'fit', 'cut', 'kit']) {
    await open(page, `${evening}/${stage}`);
    await look(page, stage);
    await page.keyboard.press(']');
    await expect(page.getByRole('complementary')).toBeVisible();
    await look(page, `${stage} with the tray`);
  }
  await open(page, `${await pathOf(page, 'Saturday loft')}/wrap-up`);
  await look(page, 'wrap-up');
});

test('an empty session, the preview of a list and wishes keep to WCAG 2.2 AA at every size', async ({ page }) => {
  await open(page, '/');
  const empty = await makeSession(page, 'Empty');
  await open(page, `/sessions/${empty}/seats`);
  await look(page, 'an empty session');
  await page.getByLabel('List of who is coming').fill('Bram Oke, 14, buckle\nIvy Oke, 16.5 cm (7 in)');
  await page.getByRole('button', { name: 'Read the list' }).click();
  await expect(page.getByRole('heading', { name: '2 seats read' })).toBeVisible();
  await look(page, 'the preview of a list');
  const wished = await makeSession(page, 'Wishes', [
    { ...guest('Ada Quoin', 'cotton-3', 'night'), wishes: ['reed', 'rust'] },
    { ...guest('Bo Trow', 'cotton-3', 'night'), wishes: ['reed'] },
  ]);
  await open(page, `/sessions/${wished}/cut`);
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  await page.getByText('Colours by wish: 2 seats have a list').click({ timeout: 40_000 });
  await expect(page.getByRole('table', { name: 'Colours by wish' })).toBeVisible({ timeout: 20_000 });
  await page.getByText('What would do instead').first().click();
  await expect(page.getByText('Looking along the shelf…')).toHaveCount(0);
  await look(page, 'wishes and what would do instead');
});
