import { expect, makeSession, open, test } from './fixture';

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
  await tray.getByRole('button', { name: 'Erase this person…' }).click();
  await tray.getByRole('button', { name: 'Erase' }).click();
  await expect(page.getByText('Nobody’s name has “zelda” in it.')).toBeVisible();
  await open(page, `/sessions/${id}/seats`);
  await expect(page.getByLabel('Name, seat 1')).toHaveValue('Forgotten');
});

test('the settings are as long as they will be: nothing moves under whoever goes to their end', async ({ page }) => {
  await open(page, '/settings');
  const long = () => page.evaluate(() => document.documentElement.scrollHeight);
  const first = await long();
  for (const part of [0.3, 0.7, 1]) {
    await page.evaluate((share) => scrollTo(0, document.documentElement.scrollHeight * share), part);
    // What is laid out only as it comes near is so within a few frames.
    for (let i = 0; i < 4; i++) await page.evaluate(() => new Promise((done) => requestAnimationFrame(done)));
    expect(await long()).toBe(first);
  }
});
