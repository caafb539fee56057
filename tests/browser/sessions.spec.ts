import { expect, makeSession, open, post, saved, test } from './fixture';

test('a session is found among all, deleted, and brought back', async ({ page }) => {
  await open(page, '/');
  // More than a page of others, all of them later: what is looked for is not on the first page.
  await post(page, '/api/sessions', {
    id: crypto.randomUUID(),
    session: { title: 'Weir_lamp 100% evening', held_on: '2019-05-06' },
  });
  for (let i = 0; i < 51; i++)
    await post(page, '/api/sessions', {
      id: crypto.randomUUID(),
      session: { title: `Ebb ${i}`, held_on: `2020-01-${String((i % 28) + 1).padStart(2, '0')}`, place: 'Net loft' },
    });
  await open(page, '/sessions');
  const rows = page.getByRole('table', { name: 'Sessions' }).getByRole('row');
  await expect(rows).toHaveCount(51);
  await expect(page.getByRole('link', { name: 'Weir_lamp 100% evening' })).toHaveCount(0);
  // It is the oldest of all: on the last page, whichever that is.
  const oldest = page.getByRole('link', { name: 'Weir_lamp 100% evening' });
  const [, pages] = (await page.getByText(/^Page 1 of \d+$/).innerText()).match(/(\d+)$/)!;
  for (let turned = 2; turned <= Number(pages); turned++) {
    await page.getByRole('button', { name: 'Older' }).click();
    await expect(page.getByText(`Page ${turned} of ${pages}`)).toBeVisible();
  }
  await expect(oldest).toBeVisible();
  await page.getByRole('button', { name: 'Newer' }).click();
  await expect(rows).toHaveCount(51);

  await page.getByRole('textbox', { name: 'Find' }).click();
  await page.keyboard.type('_LAMP 100%');
  await expect(rows).toHaveCount(2);
  // By its place too; and the first page of what is found, whatever page was open.
  await page.getByRole('textbox', { name: 'Find' }).fill('net loft');
  await expect(page.getByText('Page 1 of 2')).toBeVisible();
  await page.getByRole('textbox', { name: 'Find' }).fill('nobody’s name');
  await expect(page.getByText('No session has “nobody’s name” in its name or place.')).toBeVisible();

  await page.getByRole('textbox', { name: 'Find' }).fill('weir_lamp');
  await page.getByRole('button', { name: 'Delete Weir_lamp 100% evening' }).click();
  await expect(page.getByRole('status').getByText('Weir_lamp 100% evening deleted.')).toBeVisible();
  await expect(page.getByText('No session has “weir_lamp” in its name or place.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Weir_lamp 100% evening' })).toBeVisible();
});

test('a session’s name, day, hour, length and place are changed on its clip, and the wrong said', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Clip');
  await open(page, `/sessions/${id}/seats`);
  const name = page.getByRole('textbox', { name: 'Session name' });
  await name.fill('');
  await page.keyboard.press('Enter');
  await expect(page.getByText('A session needs a name')).toBeVisible();
  await name.fill('Neap tide <b>club</b>');
  await page.keyboard.press('Enter');
  // The hour typed with the day goes where it belongs.
  await page.getByLabel('Day').fill('7.6.2032 18:30');
  await expect(page.getByRole('status').filter({ hasText: 'Mon 7 Jun 2032, 18:30' })).toBeVisible();
  await page.keyboard.press('Enter');
  // An hour alone, or with the day that is there already, leaves the day as it is written.
  for (const [written, hour] of [
    ['7.6.2032 18:45', '18:45'],
    ['19:15', '19:15'],
    ['7.6.2032 18:30', '18:30'],
  ] as const) {
    await page.getByLabel('Day').fill(written);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Start')).toHaveValue(hour);
    await expect(page.getByLabel('Day')).toHaveValue('Mon 7 Jun 2032');
  }
  await page.getByRole('textbox', { name: 'Minutes' }).fill('nine');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Minutes, 10 to 720')).toBeVisible();
  await page.getByRole('textbox', { name: 'Minutes' }).fill('95');
  await page.getByRole('textbox', { name: 'Place' }).fill('Sail loft');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.reload();
  await expect(name).toHaveValue('Neap tide <b>club</b>');
  await expect(page.getByLabel('Day')).toHaveValue('Mon 7 Jun 2032');
  await expect(page.getByLabel('Start')).toHaveValue('18:30');
  await expect(page.getByRole('textbox', { name: 'Minutes' })).toHaveValue('95');
  await expect(page).toHaveTitle('Neap tide <b>club</b>: seats · Lapboard');
  await open(page, '/sessions');
  await expect(
    page.getByRole('row', { name: /Mon 7 Jun 2032 18:30 Neap tide <b>club<\/b> Sail loft 0/ }),
  ).toBeVisible();
});
