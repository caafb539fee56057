import { axe, expect, guest, makeSession, open, receive, test } from '../fixture';

test('one key finds people, sessions, projects, lots and settings, and what was opened last comes first', async ({
  page,
}) => {
  await open(page, '/');
  await makeSession(page, 'Zander evening', [guest('Zanna Weirly', 'satin-2', 'race')]);
  await receive(page, 'cord/hemp-1/reed', 'spool', [8000]);
  const find = page.getByRole('combobox', { name: 'Find anything' });
  const look = async (text: string) => {
    await page.keyboard.press('/');
    await find.fill(text);
  };
  await look('zan');
  await expect(page.getByRole('option')).toHaveText([/^Zander evening/, /^Zanna Weirly/]);
  expect(await axe(page)).toEqual([]);
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/sessions\/[0-9a-f-]+\/seats$/);
  await open(page, '/people');
  // Without a word, where one was stands first; from the keyboard alone.
  await page.keyboard.press('/');
  await expect(page.getByRole('option').first()).toHaveText('Zander evening');
  await find.fill('zanna');
  await expect(page.getByRole('option')).toHaveText([/^Zanna Weirly/]);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('complementary', { name: 'Zanna Weirly' })).toBeVisible();
  await look('hemp reed');
  await page.getByRole('option', { name: /^Hemp/ }).click();
  await expect(page.getByRole('complementary', { name: /^Hemp/ })).toBeVisible();
  await page.getByRole('heading', { name: 'Lots' }).waitFor();
  await open(page, '/');
  await look('nothing of this name');
  await expect(page.getByText('Nothing has “nothing of this name” in its name.')).toBeVisible();
  await find.fill('what to order');
  await page.keyboard.press('Enter');
  await page.waitForURL(/view=outlook/);
});

test('all that is short is one order, with a cheaper pack taken and a line left out, and a list to print', async ({
  page,
}) => {
  await open(page, '/');
  await makeSession(page, 'To buy for', [guest('Ada Quoin', 'knotting-1', 'lantern')], '2031-02-04');
  await open(page, '/shelf?view=outlook');
  await page.getByRole('button', { name: 'Order all that is short' }).click();
  const panel = page.getByRole('region', { name: 'Order all that is short' });
  const row = panel.getByRole('row', { name: /Nylon knotting cord 1 mm, Lantern yellow/ });
  const before = await row.getByRole('cell').nth(4).innerText();
  await row.getByRole('button', { name: /^€.* with/ }).click();
  await expect(row.getByRole('cell').nth(4)).not.toHaveText(before);
  // Everything but this is left out: what others buy here is theirs.
  for (const other of await panel.getByRole('checkbox').all())
    if ((await other.getAttribute('aria-label')) !== 'Order Nylon knotting cord 1 mm, Lantern yellow')
      await other.uncheck();
  expect(await axe(page)).toEqual([]);
  const list = await panel.getByRole('link', { name: 'Print the list' }).getAttribute('href');
  expect(await panel.getByRole('link', { name: 'Mail the list' }).getAttribute('href')).toMatch(
    /^mailto:.*Lantern%20yellow/,
  );
  await panel.getByRole('button', { name: 'Order these 1' }).click();
  await expect(page.getByRole('status').filter({ hasText: '1 ordered.' })).toBeVisible();
  await page.getByRole('tab', { name: 'Orders' }).click();
  await expect(page.getByRole('row', { name: /Nylon knotting cord 1 mm, Lantern yellow/ })).toContainText(
    'Marram Rope Walk',
  );
  await open(page, list!);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('to order');
});
