import { expect, guest, makeSession, open, ready, saved, test } from './fixture';

test('every key of the list does what the list says', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Keys', [
    guest('Ada Quoin', 'sheathed-4', 'race'),
    guest('Bo Trow', 'sheathed-4', 'race'),
  ]);
  await open(page, `/sessions/${id}/seats`);
  for (const [key, stage] of [
    ['4', 'kit'],
    ['3', 'cut'],
    ['2', 'fit'],
    ['1', 'seats'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveURL(new RegExp(`/${stage}$`));
    await expect(page.locator('[aria-current="page"]').filter({ hasText: `${key} ` })).toHaveCount(1);
  }
  // The browser’s own way back is the way back through the stages.
  await page.goBack();
  await expect(page.getByRole('main', { name: 'Keys, fit' })).toBeVisible();

  await page.keyboard.press('n');
  await expect(page.getByLabel('One more seat')).toBeFocused();
  // A key that is written in a field is a letter.
  await page.keyboard.type('n2 Quay');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name, seat 3')).toHaveValue('n2 Quay');
  await saved(page);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: /1 Seats/ }).focus();

  const tray = (name: string) => page.getByRole('complementary', { name: `Seat of ${name}` });
  await page.keyboard.press(']');
  await expect(tray('Ada Quoin')).toBeVisible();
  await page.keyboard.press(']');
  await expect(tray('Bo Trow')).toBeVisible();
  await page.keyboard.press('[');
  await page.keyboard.press('[');
  // Round the end to the last.
  await expect(tray('n2 Quay')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('complementary')).toHaveCount(0);

  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(keys).toBeHidden();
  await page.keyboard.press('p');
  await page.waitForURL(/\/print$/);
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();

  for (const path of ['/sessions', '/settings', '/']) {
    await open(page, path);
    await page.keyboard.press('/');
    const find = page.getByRole('combobox', { name: 'Find anything' });
    await expect(find, path).toBeFocused();
    await expect(find).toHaveValue('');
    await page.keyboard.press('Escape');
    await expect(find).toHaveCount(0);
  }
});

test('arrow keys go through the table, and what is typed is kept on the way', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Arrows', [
    { name: 'Esk Lowther', project: 'band-buckle', age: 30 },
    { name: 'Fen Wade', project: 'band-buckle', age: 30 },
    { name: 'Gil Weir', project: 'band-buckle', age: 9 },
  ]);
  await open(page, `/sessions/${id}/fit`);
  const wrist = (name: string) => page.getByRole('textbox', { name: `Wrist of ${name}` });
  await wrist('Esk Lowther').focus();
  await page.keyboard.type('6 1/2 in');
  await page.keyboard.press('ArrowDown');
  await expect(wrist('Fen Wade')).toBeFocused();
  await page.keyboard.type('2 m');
  await page.keyboard.press('Enter');
  // What cannot be is said where it stands, and stays there.
  await expect(wrist('Gil Weir')).toBeFocused();
  await expect(page.getByRole('alert').filter({ hasText: 'cannot be a wrist' })).toBeVisible();
  await expect(wrist('Fen Wade')).toHaveValue('2 m');
  await page.keyboard.press('ArrowUp');
  await expect(wrist('Fen Wade')).toBeFocused();
  await page.keyboard.type('171');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByLabel('How the wrist of Fen Wade was taken')).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.type('210 mm');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Hand of Gil Weir' })).toBeFocused();
  await saved(page);
  await page.reload();
  await ready(page);
  await expect(wrist('Esk Lowther')).toHaveValue('16.5 cm');
  await expect(wrist('Fen Wade')).toHaveValue('17.1 cm');
  await expect(page.getByRole('textbox', { name: 'Hand of Fen Wade' })).toHaveValue('21.0 cm');
  await expect(wrist('Gil Weir')).toHaveValue('');
  // By his age, marked as what it is, until somebody measures or takes it as it is.
  await page
    .getByRole('row', { name: /Gil Weir/ })
    .getByRole('button', { name: /by age/ })
    .click();
  await expect(wrist('Gil Weir')).toHaveValue(/^~/);
  await expect(page.getByText('1 seat still on an estimate.')).toBeVisible();
  await page.getByLabel('cut from the estimate').check();
  await expect(page.getByText('1 seat still on an estimate.')).toHaveCount(0);
  await saved(page);
  // An estimate looks like one wherever it goes.
  await open(page, `/sessions/${id}/kit`);
  await expect(page.getByRole('row', { name: /Gil Weir/ })).toContainText('by an estimate of the wrist');
  await expect(page.getByRole('row', { name: /Fen Wade/ })).not.toContainText('estimate');
  // The tape says the same: what is written without the mark is measured.
  await open(page, `/sessions/${id}/fit`);
  const guessed = await wrist('Gil Weir').inputValue();
  await wrist('Gil Weir').fill(guessed.replace('~', ''));
  await page.keyboard.press('Enter');
  await expect(wrist('Gil Weir')).toHaveValue(guessed.replace('~', ''));
  await expect(page.getByLabel('How the wrist of Gil Weir was taken')).toHaveValue('tape');
  await saved(page);
});
