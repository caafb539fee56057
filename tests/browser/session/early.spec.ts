import type { Page } from '@playwright/test';
import { expect, guest, makeSession, open, saved, test } from '../fixture';

/** Opens a page whose scripts do not come before they are let. */
async function openSlowly(page: Page, path: string): Promise<() => Promise<void>> {
  let answer = (): void => undefined;
  const held = new Promise<void>((done) => (answer = done));
  await page.route('**/_astro/*.js', async (route) => held.then(() => route.continue()));
  await page.goto(path, { waitUntil: 'commit' });
  await expect(page.locator('astro-island[ssr]').first()).toBeAttached();
  return async () => {
    answer();
    await page.unrouteAll({ behavior: 'wait' });
  };
}

test('what is pressed before a page is taken over is done once it is, each of it once', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Pressed early', [
    guest('Ada Early', 'sheathed-4', 'race'),
    guest('Bo Early', 'sheathed-4', 'race'),
    guest('Cob Early', 'sheathed-4', 'race'),
  ]);
  let letGo = await openSlowly(page, `/sessions/${id}/seats`);
  const out = page.getByRole('button', { name: 'Take Bo Early out of the session' });
  const skill = page.getByLabel('Skill of Cob Early');
  await out.click();
  // Nothing happens: it is pressed again.
  await out.click();
  await skill.focus();
  await letGo();
  await expect(page.getByLabel('Name, seat 2')).toHaveValue('Cob Early');
  await expect(page.getByLabel('Name, seat 3')).toHaveCount(0);
  // What may be chosen comes when a choice is gone to: it was.
  await skill.selectOption('new');
  await saved(page);

  letGo = await openSlowly(page, `/sessions/${id}/fit`);
  const method = page.getByLabel('How the wrist of Cob Early was taken');
  await method.click();
  await letGo();
  await method.selectOption('strip');
  await saved(page);
  await open(page, `/sessions/${id}/seats`);
  await expect(skill).toHaveValue('new');

  // Keys of the page: each counts, in its order.
  letGo = await openSlowly(page, `/sessions/${id}/fit`);
  await page.keyboard.press(']');
  await page.keyboard.press(']');
  await letGo();
  await expect(page.getByRole('complementary', { name: 'Seat of Cob Early' })).toBeVisible();
});

test('what is written before a page is taken over is heard once it is: a search, and a form', async ({ page }) => {
  let letGo = await openSlowly(page, '/people');
  await page.getByPlaceholder('part of a name').fill('Ashlock');
  await letGo();
  await expect(page.getByRole('button', { name: 'Wren Ashlock' })).toBeVisible();
  await expect(page.getByRole('table', { name: 'People' }).locator('tbody tr')).toHaveCount(1);

  letGo = await openSlowly(page, '/sessions');
  await page.getByPlaceholder('Name', { exact: true }).fill('Written early');
  await letGo();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page).toHaveURL(/\/sessions\/[0-9a-f-]{36}\/seats$/);
  await expect(page.getByRole('main', { name: 'Written early, seats' })).toBeVisible();

  // Enter sends what was written, though its button could not be pressed yet; with Control, a list of lines.
  letGo = await openSlowly(page, page.url());
  await page.getByLabel('List of who is coming').fill('Listed Early, 16 cm\nListed Late, 17 cm');
  await page.keyboard.press('Control+Enter');
  await letGo();
  await page.getByRole('button', { name: 'Seat 2 people' }).click();
  await expect(page.getByLabel('Name, seat 2')).toHaveValue('Listed Late');
  await saved(page);
  letGo = await openSlowly(page, page.url());
  await page.getByPlaceholder('Name', { exact: true }).fill('Sent Early');
  await page.keyboard.press('Enter');
  await letGo();
  await expect(page.getByLabel('Name, seat 3')).toHaveValue('Sent Early');
  await saved(page);
});

test('a page that nobody touches is read without its scripts, and is taken over all the same after a while', async ({
  page,
}) => {
  const scripts: string[] = [];
  page.on('request', (request) => {
    if (request.resourceType() === 'script') scripts.push(request.url());
  });
  await page.goto('/shelf', { waitUntil: 'networkidle' });
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  expect(scripts).toEqual([]);
  await expect(page.locator('astro-island[ssr]')).toHaveCount(0);
  expect(scripts).not.toEqual([]);
});

test('nothing moves as the fields of a long form come', async ({ page }) => {
  for (const width of [1280, 390]) {
    await page.setViewportSize({ width, height: 800 });
    await page.goto('/composer/petal-arms');
    const rows = page
      .getByRole('list')
      .filter({ has: page.getByText('tail-left') })
      .first()
      .getByRole('listitem');
    const places = async () =>
      rows.evaluateAll((all) => all.map((row) => Math.round(row.getBoundingClientRect().top + window.scrollY)));
    await page.evaluate(async () => document.fonts.ready);
    const before = await places();
    expect(before.length).toBeGreaterThan(4);
    await expect(page.locator('[data-soon]').first()).toBeAttached();
    await page.keyboard.press('Shift');
    await expect(page.locator('[data-soon]')).toHaveCount(0);
    expect(await places()).toEqual(before);
  }
});

test('what is asked for by itself comes with the page: it is read before anybody touches it', async ({ page }) => {
  await page.route('**/_astro/*.js', async (route) => route.abort());
  await page.goto('/shelf?view=outlook');
  await expect(page.getByText(/items fall short in the \d+ sessions ahead/)).toBeVisible();
  await page.goto('/shelf?view=ledger');
  await expect(page.getByRole('table', { name: 'Movements, newest first' })).toContainText('Received');
  await page.goto('/shelf');
  const spool = (await page.request.get('/api/shelf')).json() as Promise<{
    lines: { doc: { id: string; name: string } }[];
  }>;
  const { id, name } = (await spool).lines[0]!.doc;
  await page.goto(`/shelf?item=${encodeURIComponent(id)}`);
  await expect(page.getByRole('heading', { name })).toBeVisible();
  const session = await makeSession(page, 'Packed early', [guest('Early Packer', 'sheathed-4', 'race')]);
  await page.goto(`/sessions/${session}/kit`);
  await expect(page.getByText('for 1 kit, by the price of a pack')).toBeVisible();
});
