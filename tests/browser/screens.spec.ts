import { axe, expect, guest, makeSession, open, test } from './fixture';

test('every screen keeps to WCAG 2.2 AA, in both themes', async ({ page, watch }) => {
  watch.mayBeRefused = true;
  test.setTimeout(300_000);
  const check = async (name: string) => {
    expect.soft(await axe(page), name).toEqual([]);
    // The other theme changes colours and nothing else.
    await page.evaluate(() => document.documentElement.setAttribute('data-theme', 'walnut'));
    // Colours pass from one to the other.
    await page.waitForFunction(() => document.getAnimations().every(({ playState }) => playState !== 'running'));
    expect.soft(await axe(page, ['color-contrast']), `${name} in walnut`).toEqual([]);
    await page.evaluate(() => document.documentElement.setAttribute('data-theme', 'linen'));
  };

  await open(page, '/');
  await check('Today');
  await open(page, '/sessions');
  await check('Sessions');
  const evening = (await page.getByRole('link', { name: 'Tide club evening' }).getAttribute('href'))!.replace(
    /\/seats$/,
    '',
  );
  for (const stage of ['seats', 'fit', 'cut', 'kit']) {
    await open(page, `${evening}/${stage}`);
    await check(stage);
    await page.keyboard.press(']');
    await expect(page.getByRole('complementary')).toBeVisible();
    await check(`${stage} with the tray`);
  }
  await page.goto('/sessions');
  const loft = (await page.getByRole('link', { name: 'Saturday loft' }).first().getAttribute('href'))!;
  await open(page, loft.replace(/seats$/, 'wrap-up'));
  await check('wrap-up');
  await open(page, '/records');
  await expect(page.getByRole('status').first()).not.toContainText('Learning', { timeout: 20_000 });
  await page.getByRole('button', { name: 'Square knot in Satin cord 2 mm, new' }).click();
  await expect(page.getByText('cut to other lengths')).toBeVisible();
  await page.getByText('As a table').first().click();
  await check('records with a figure');
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: 'Records from elsewhere' }).click();
  await check('records from elsewhere');
  await open(page, `${evening}/room`);
  await page.getByRole('button', { name: 'Try what would help' }).click();
  await expect(page.getByRole('table', { name: 'What would help, the most first' })).toBeVisible({ timeout: 20_000 });
  await page.getByText('The same as a table').click();
  await check('the room');
  await open(page, `${evening}/cut`);
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  await expect(page.getByRole('button', { name: 'Lay out again' })).toBeVisible({ timeout: 40_000 });
  await page.getByRole('button', { name: /^Bag 1,/ }).click();
  await check('the cutting lanes');
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
  await check('wishes and what would do instead');
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Sheathed nylon 4 mm, Race blue' }).click();
  await page.getByRole('button', { name: /^spool 1$/ }).click();
  await page.getByText('What it is long enough for').click();
  await expect(page.getByText('In the projects, for an adult’s wrist')).toBeVisible();
  await check('Shelf');
  await page.getByRole('button', { name: 'Receive' }).click();
  await check('Shelf, receiving');
  await page.getByRole('button', { name: 'Stock or count from a file' }).click();
  await check('Shelf, from a file');
  for (const tab of ['Outlook', 'Orders', 'Ledger']) {
    await page.getByRole('tab', { name: tab }).click();
    await expect(page.getByText(/^(Reading|Netting)/)).toHaveCount(0);
    if (tab === 'Outlook')
      await page
        .getByRole('row', { name: /^[A-Z]/ })
        .nth(1)
        .getByRole('button')
        .first()
        .click();
    await check(tab);
  }
  await open(page, `${evening}/packing`);
  await check('the packing list');
  await open(page, `${evening}/cards`);
  await check('the kit cards');
  await open(page, `${evening}/table`);
  await check('the cutting table sheet');
  await open(page, `${evening}/print`);
  await check('print');
  const empty = await makeSession(page, 'Empty');
  await open(page, `/sessions/${empty}/seats`);
  await check('an empty session');
  await page.getByLabel('List of who is coming').fill('Bram Oke, 14, buckle\nIvy Oke, 16.5 cm (7 in)');
  await page.getByRole('button', { name: 'Read the list' }).click();
  await expect(page.getByRole('heading', { name: '2 seats read' })).toBeVisible();
  await check('the preview of a list');
  await open(page, '/people');
  await page.getByRole('button', { name: 'Wren Ashlock' }).click();
  await expect(page.getByRole('complementary', { name: 'Wren Ashlock' })).toBeVisible();
  await check('People');
  await open(page, '/projects');
  await check('Projects');
  await open(page, '/projects/petal-arms');
  await check('a project');
  await open(page, '/composer/band-buckle');
  await check('the composer');
  await open(page, '/settings');
  await check('Settings');
  await page.goto('/sessions/nothing/seats');
  await check('a page that is not there');
});

test('a figure changed in the settings changes the cut, and says where it came from', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Figures', [
    { name: 'Ada Quoin', age: 30, skill: 'new', wrist_mm: 165, wrist_method: 'tape', project: 'band-buckle' },
  ]);
  const cut = async () => {
    await open(page, `/sessions/${id}/cut`);
    return parseFloat(
      await page
        .getByRole('row', { name: /Ada Quoin/ })
        .locator('.num')
        .nth(1)
        .innerText(),
    );
  };
  const before = await cut();
  await open(page, '/settings');
  await expect(page.getByRole('row', { name: /Tail to hold, new/ })).toContainText('Starting figure');
  await page.getByLabel('Tail to hold, new', { exact: true }).fill('9999');
  await page.getByRole('button', { name: 'Save the settings' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Tail to hold, new: 20 to 400 mm' })).toBeVisible();
  await page.getByLabel('Tail to hold, new', { exact: true }).fill('220');
  await page.getByRole('button', { name: 'Save the settings' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  // Both ends 100 mm longer.
  expect((await cut()) - before).toBeCloseTo(20, 1);
  await open(page, '/settings');
  await page.getByRole('button', { name: 'Set Tail to hold, new back to 120' }).click();
  await page.getByRole('button', { name: 'Save the settings' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  expect(await cut()).toBe(before);
});

test('a person’s wrists are kept, and a person can be forgotten', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'To forget', [
    { name: 'Zelda Forgettable', age: 9, wrist_mm: 140, wrist_method: 'tape' },
  ]);
  await open(page, '/people');
  await page.getByPlaceholder('part of a name').fill('zelda');
  await page.getByRole('button', { name: 'Zelda Forgettable' }).click();
  const tray = page.getByRole('complementary', { name: 'Zelda Forgettable' });
  await tray.getByLabel('Wrist').fill('5 3/4 in');
  await tray.getByRole('button', { name: 'Save' }).click();
  await expect(tray.getByRole('table')).toContainText('14.6 cm');
  await tray.getByRole('button', { name: 'Forget this person…' }).click();
  await tray.getByRole('button', { name: 'Erase' }).click();
  await expect(page.getByText('Nobody’s name has “zelda” in it.')).toBeVisible();
  await open(page, `/sessions/${id}/seats`);
  await expect(page.getByLabel('Name, seat 1')).toHaveValue('Forgotten');
});
