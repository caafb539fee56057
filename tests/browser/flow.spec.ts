import { expect, makeSession, open, ready, saved, test } from './fixture';
import { hands } from './support/hands';

const LIST = `Tuesday group:
1. Ulla Wick 16.5cm age 9 new buckle
Jasper Nook, 6 1/2 in, 34, steady, buckle band
Perrin Skerry; 17,2 cm; 41; fluent; buckle
- Dilys Weald 165 28 fob
Emre Cairn, 16,5 cm, 12, fob
Hedda Lock, 14, buckle
Ansel Rill ~15 cm 8y buckle
Greta Fenn, 1.2 m (44 in), 40, buckle
Mika Oxbow, age 11, neck lanyard
Vida Sandbar 17 cm, nickel allergy, 33, ring fob
<b>Corin</b>, 7¼", 22, experienced, buckle
Tove Beck; buckle`;

test('from a messy list to a printed cut sheet, from the keyboard alone', async ({ page }) => {
  const hand = hands(page);
  await open(page, '/sessions');
  await hand.to(page.getByRole('textbox', { name: 'New session' }));
  await hand.enter('Kite evening');
  await page.waitForURL(/\/sessions\/[0-9a-f-]+\/seats/);
  await ready(page);

  await hand.to(page.getByLabel('List of who is coming'));
  await hand.paste(LIST);
  await hand.press('Control+Enter');
  await expect(page.getByRole('heading', { name: '12 seats read, 2 to look at' })).toBeVisible();
  await expect(page.getByText('could be an age or a wrist')).toBeVisible();
  await expect(page.getByText('82 mm (7 %) apart')).toBeVisible();

  // The two that could not be read are mended in place, one after the other, and then all are seated.
  await expect(page.getByRole('textbox', { name: 'Wrist of Hedda Lock' })).toBeFocused();
  await hand.enter('158 mm');
  await hand.to(page.getByRole('textbox', { name: 'Wrist of Greta Fenn' }));
  await hand.enter('6 3/4');
  await expect(page.getByRole('heading', { name: '12 seats read' })).not.toContainText('look at');
  await expect(page.getByRole('button', { name: /^Seat 12 people/ })).toBeFocused();
  await hand.press('Enter');
  await expect(page.getByLabel('Name, seat 11')).toHaveValue('<b>Corin</b>');
  await saved(page);

  await hand.press('2');
  await expect(page.getByRole('link', { name: /2 Fit/ })).toHaveAttribute('aria-current', 'page');
  await expect(page.getByRole('link', { name: /2 Fit/ })).toContainText('No wrist yet: Tove Beck');
  await hand.to(page.getByRole('button', { name: 'Use estimates by age for 1' }));
  await hand.press('Enter');
  await expect(page.getByRole('link', { name: /2 Fit/ })).toContainText(
    '2 seats still on estimates: Ansel Rill, Tove Beck',
  );
  await hand.to(page.getByRole('button', { name: 'Cut from them all the same' }));
  await hand.press('Enter');
  await expect(page.getByRole('link', { name: /2 Fit/ })).toContainText('Every seat fitted');
  await saved(page);

  await hand.press('3');
  await expect(page.getByRole('rowheader', { name: /Sheathed nylon 4 mm, Race blue/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Open the cut of/ })).toHaveCount(12);

  await hand.press('p');
  await page.waitForURL(/\/print$/);
  await expect(page.getByRole('heading', { name: 'Kite evening: cut sheet' })).toBeVisible();
  const { actions, seconds } = hand.reckoned();
  expect(actions).toBeLessThan(20);
  expect(seconds).toBeLessThan(60);
  await expect(page.locator('.cut-length')).toHaveCount(12);
  // 165 mm, easy, 9 years, new: as many half knots as the fit said, and no flame for a child.
  await expect(page.getByRole('row', { name: /Ulla Wick/ })).toContainText('no flame');
  await expect(page.getByText('<b>Corin</b>')).toBeVisible();
  const size = await page
    .locator('.cut-length')
    .first()
    .evaluate((cell) => parseFloat(getComputedStyle(cell).fontSize) * 0.75);
  expect(size).toBeGreaterThanOrEqual(14);
});

test('the sheet prints on A4 and on US Letter', async ({ page }) => {
  await open(page, '/sessions');
  await page.getByRole('link', { name: 'Tide club evening' }).click();
  await page.waitForURL(/\/seats$/);
  const print = page.url().replace(/seats$/, 'print');
  for (const [paper, width, height] of [
    ['a4', 595, 842],
    ['letter', 612, 792],
  ] as const) {
    await open(page, `${print}?paper=${paper}&both=yes`);
    const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
    const [, w, h] = /\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/.exec(pdf)!;
    expect(Math.abs(Number(w) - width)).toBeLessThan(1.5);
    expect(Math.abs(Number(h) - height)).toBeLessThan(1.5);
    await expect(page.locator('.cut-length').first()).toContainText(/cm.*in/s);
  }
});

test('a number opens to what it is made of', async ({ page }) => {
  await open(page, '/sessions');
  await page.getByRole('link', { name: 'Tide club evening' }).click();
  await page.waitForURL(/\/seats$/);
  await ready(page);
  await page.keyboard.press('3');
  await page.getByRole('button', { name: 'Open the cut of Orla Finchett' }).click();
  const tray = page.getByRole('complementary', { name: 'Seat of Orla Finchett' });
  const table = tray.getByRole('table', { name: 'Where each millimetre of the cut goes' });
  await expect(table).toBeVisible();
  const cells = (await table.locator('tbody tr').allInnerTexts()).map((row) =>
    Number(/([\d.,]+)\s*$/.exec(row)![1]!.replaceAll(',', '')),
  );
  const total = cells.pop()!;
  expect(Math.abs(cells.reduce((a, b) => a + b, 0) - total)).toBeLessThan(0.5);
  await expect(tray.getByRole('img', { name: /Buckle band, front/ })).toBeVisible();
  await expect(tray.getByRole('img', { name: /Buckle band, back/ })).toBeVisible();
  // Every stretch of the bar can be reached and says what it is for.
  const stretches = tray.getByRole('list', { name: /^Where/ }).getByRole('listitem');
  await stretches.first().focus();
  await expect(stretches.first()).toBeFocused();
  await expect(stretches.first()).toHaveAccessibleName(/^Start, [\d.]+ mm: 2 × \(Lark’s head/);
  // Another school, and what it would leave: 12 × 151.5 of band, a hand at each of two ends, two turns and stubs, 2,046.
  await tray.getByRole('radio', { name: 'Ratio' }).check();
  await saved(page);
  await expect(page.getByRole('row', { name: /Orla Finchett/ })).toContainText('205.0 cm');
  await tray.getByRole('radio', { name: 'Measured' }).check();
  await saved(page);
  // What this maker counted is their draw at once: 25 half knots of at least 5.41 mm made 155.
  await tray.getByLabel('Half knots counted').fill('25');
  await tray.getByLabel('Length they made').fill('15.5');
  await tray.getByLabel('Length they made').press('Enter');
  await saved(page);
  await expect(tray.getByText('Knots 15 % longer than the tightest there can be, by this count.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  await expect(tray.getByText('reckoned by skill and cord')).toBeVisible();
});

test('units and theme follow the keys, and stay', async ({ page }) => {
  await open(page, '/sessions');
  await page.getByRole('link', { name: 'Tide club evening' }).click();
  await page.waitForURL(/\/seats$/);
  await ready(page);
  await page.keyboard.press('2');
  await expect(page.getByRole('textbox', { name: 'Wrist of Orla Finchett' })).toHaveValue('16.5 cm');
  await page.keyboard.press('u');
  await expect(page.getByRole('textbox', { name: 'Wrist of Orla Finchett' })).toHaveValue('6 ½ in');
  await page.getByRole('button', { name: /^linen: change the theme/ }).click();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'walnut');
  await expect(page.getByRole('textbox', { name: 'Wrist of Orla Finchett' })).toHaveValue('6 ½ in');
  await ready(page);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});

test('a CSV file is read like a pasted list', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'From a file');
  await open(page, `/sessions/${id}/seats`);
  const csv = '\uFEFFName;Wrist (in);Age;Level\n"Ada ""A"" Quoin";6,5;31;beginner\nBo Trow;17 cm?;;expert\n';
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByRole('heading', { name: '2 seats read' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Wrist of Ada "A" Quoin' })).toHaveValue('16.5 cm');
  await expect(page.getByRole('textbox', { name: 'Wrist of Bo Trow' })).toHaveValue('~17.0 cm');
});

test('a mail is read for who is in it; what is nobody’s stays to be seen, and can be somebody after all', async ({
  page,
}) => {
  await open(page, '/');
  const id = await makeSession(page, 'From a mail');
  await open(page, `/sessions/${id}/seats`);
  await page
    .getByLabel('List of who is coming')
    .fill('Hello,\nBeginners:\nAda Quoin 16 cm in pink\nBuckle bands\nBo and Cy Trow 15 cm\n\nThanks\nMorag');
  await page.getByRole('button', { name: 'Read the list' }).click();
  await expect(page.getByRole('heading', { name: '3 seats read, 1 to look at' })).toBeVisible();
  await expect(page.getByLabel('Skill of Ada Quoin')).toHaveValue('new');
  await expect(page.getByRole('button', { name: '“pink”, colour' })).toBeVisible();
  // What was asked of the pair is settled as it stands, once for both.
  await page.getByRole('button', { name: /^Leave as it is: Two people/ }).click();
  await expect(page.getByRole('heading', { name: '3 seats read' })).not.toContainText('look at');
  await page.getByRole('button', { name: 'Seat line 8' }).click();
  await expect(page.getByRole('textbox', { name: 'Name, line 8' })).toHaveValue('Morag');
  await expect(page.getByText('3 skills not given')).toBeVisible();
  await page.getByRole('button', { name: 'Seat 4 people' }).click();
  await expect(page.getByLabel('Note for Ada Quoin')).toHaveValue('in pink');
  await expect(page.getByLabel('Name, seat 4')).toHaveValue('Morag');
  await saved(page);
});

test('undo takes back an edit and a removed seat', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'To undo', [
    { name: 'Ada Quoin', wrist_mm: 165, wrist_method: 'tape', project: 'band-buckle', note: 'left hand' },
  ]);
  await open(page, `/sessions/${id}/fit`);
  await page.getByRole('textbox', { name: 'Wrist of Ada Quoin' }).fill('18 cm');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('16.5 cm');
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: /1 Seats/ }).click();
  await page.getByRole('button', { name: 'Take Ada Quoin out of the session' }).click();
  await expect(page.getByLabel('Name, seat 1')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Name, seat 1')).toHaveValue('Ada Quoin');
  await expect(page.getByLabel('Note for Ada Quoin')).toHaveValue('left hand');
  await saved(page);
});
