import { strToU8, zipSync } from 'fflate';
import type { Locator } from '@playwright/test';
import { expect, makeSession, open, saved, test } from '../fixture';

/** Where the focus is within the page: choosing from a list can leave the window itself without it. */
const expectAt = (target: Locator) =>
  expect.poll(() => target.evaluate((element) => element === document.activeElement)).toBe(true);

const read = async (page: Parameters<typeof open>[0], list: string): Promise<void> => {
  await page.getByLabel('List of who is coming').fill(list);
  await page.getByRole('button', { name: 'Read the list' }).click();
  await expect(page.getByRole('heading', { name: /seats? read/ })).toBeVisible();
};

test('the preview is the list: words are said to be what they are, here, on every line, for every list; columns by their heads', async ({
  page,
}) => {
  await open(page, '/');
  const id = await makeSession(page, 'As written');
  await open(page, `/sessions/${id}/seats`);
  await read(
    page,
    'Name;Size;Choice\nUna Lathe;20.5;weirwork\nBo Sterne;19.5;weirwork, race blue\nCy Teasel;21.5;mudlark',
  );
  // Every stretch says what it was read as; what was not understood is asked about at its place.
  await expect(page.getByRole('button', { name: '“Una Lathe”, name' })).toBeVisible();
  await expect(page.getByRole('heading', { name: '3 seats read, 3 to look at' })).toBeVisible();
  await page.getByLabel('Column Size').selectOption('hand');
  await expect(page.getByText('hand 20.5 cm')).toBeVisible();

  const row = (name: string) => page.getByRole('row').filter({ has: page.getByLabel(`Project of ${name}`) });
  await row('Una Lathe')
    .getByRole('button', { name: /^“weirwork”/ })
    .click();
  const chooser = page.getByRole('group', { name: 'What “weirwork” is' });
  await chooser.getByLabel('Which').selectOption('band-buckle');
  await chooser.getByRole('button', { name: 'For every list' }).click();
  await expect(page.getByLabel('Project of Bo Sterne')).toHaveValue('band-buckle');
  await expect(page.getByRole('heading', { name: '3 seats read, 1 to look at' })).toBeVisible();
  // What is open next has the focus. Along a line with the arrow keys, from one stop of the tab key; Enter opens, Escape closes.
  await expectAt(page.getByLabel('Project of Cy Teasel'));
  await row('Cy Teasel').getByRole('button', { name: '“Cy Teasel”, name' }).focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  await expectAt(row('Cy Teasel').getByRole('button', { name: /^“mudlark”/ }));
  await page.keyboard.press('Enter');
  await page.getByRole('group', { name: 'What “mudlark” is' }).getByLabel('What it is').selectOption('note');
  await page.getByRole('button', { name: 'Here', exact: true }).click();
  await expect(page.getByRole('heading', { name: '3 seats read' })).not.toContainText('look at');
  await page.getByRole('button', { name: 'Seat 3 people' }).click();
  await saved(page);
  await expect(page.getByText('3 skills not given: reckoned as new.')).toBeVisible();
  await expect(page.getByLabel('Colour of Bo Sterne')).toHaveValue('race');
  await expect(page.getByLabel('Note for Cy Teasel')).toHaveValue('mudlark');

  // Another list knows the word; in the settings it stands with its piece, and can go again.
  const other = await makeSession(page, 'Another');
  await open(page, `/sessions/${other}/seats`);
  await read(page, 'Dot Weir, 16 cm, weirwork');
  await expect(page.getByLabel('Project of Dot Weir')).toHaveValue('band-buckle');
  await open(page, '/settings');
  await page.getByText('Words of pasted lists').click();
  // Other pieces may go by the same name.
  const words = page.getByLabel('Words for Buckle band').first();
  await expect(words).toHaveValue(/weirwork/);
  await words.fill((await words.inputValue()).replace(/,? ?weirwork/, ''));
  await words.press('Enter');
  await expect(page.getByText('Words for Buckle band saved.')).toBeVisible();
  await page.getByRole('button', { name: 'Save the settings' }).click();
  await expect(page.getByText(/^Saved. Every session/)).toBeVisible();
});

test('a list pasted again is a difference: new, changed, gone, and nobody twice', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Again');
  await open(page, `/sessions/${id}/seats`);
  await read(page, 'Una Lathe, 16 cm, 30, buckle band\nBo Sterne, 17 cm, 12, ring fob\nCy Teasel, 18 cm, 41, ring fob');
  await page.getByRole('button', { name: 'Seat 3 people' }).click();
  await saved(page);
  await page.getByRole('button', { name: 'Paste a list' }).click();
  await read(page, 'Una Lathe, 16 cm, 30, buckle band\nbo sterne, 17.5 cm, 12, ring fob\nDot Weir, 15 cm, 9');
  await expect(page.getByRole('heading', { name: '3 seats read: 1 new, 1 changed, 1 as they are' })).toBeVisible();
  await expect(page.getByText('seated already, changes wrist')).toBeVisible();
  await page.getByLabel('Cy Teasel', { exact: true }).check();
  await page.getByRole('button', { name: 'Seat 1 person, change 1, take out 1' }).click();
  await saved(page);
  await expect(page.getByLabel(/^Name, seat/)).toHaveCount(3);
  await page.keyboard.press('2');
  await expect(page.getByRole('textbox', { name: 'Wrist of Bo Sterne' })).toHaveValue(/17\.5 cm/);
  await expect(page.getByRole('rowheader', { name: 'Cy Teasel' })).toHaveCount(0);
});

test('a spreadsheet is dropped and read like a pasted list, under the policy; what is none is said', async ({
  page,
}) => {
  await open(page, '/');
  const id = await makeSession(page, 'From a spreadsheet');
  await open(page, `/sessions/${id}/seats`);
  const main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
  const rel = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
  const text = (at: string, words: string) => `<c r="${at}" t="inlineStr"><is><t>${words}</t></is></c>`;
  const rows = `<row r="1">${text('A1', 'Name')}${text('B1', 'Wrist (cm)')}</row><row r="2">${text('A2', 'Una Lathe')}<c r="B2"><v>16.5</v></c></row>`;
  const book = zipSync({
    'xl/workbook.xml': strToU8(
      `<workbook xmlns="${main}" xmlns:r="${rel}"><sheets><sheet name="Club" sheetId="1" r:id="rId1"/></sheets></workbook>`,
    ),
    'xl/_rels/workbook.xml.rels': strToU8(
      `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${rel}/worksheet" Target="worksheets/sheet1.xml"/></Relationships>`,
    ),
    'xl/worksheets/sheet1.xml': strToU8(`<worksheet xmlns="${main}"><sheetData>${rows}</sheetData></worksheet>`),
  });
  const give = (name: string, buffer: Buffer) =>
    page.locator('input[type=file]').setInputFiles({ name, mimeType: 'application/octet-stream', buffer });
  await give('old.xls', Buffer.from('no'));
  await expect(page.getByRole('alert').filter({ hasText: 'save it as .xlsx or .csv' })).toBeVisible();
  await give('broken.xlsx', Buffer.from('no'));
  await expect(page.getByRole('alert').filter({ hasText: 'no ZIP' })).toBeVisible();
  const dropped = await page.evaluateHandle(
    (bytes) => {
      const transfer = new DataTransfer();
      transfer.items.add(new File([new Uint8Array(bytes)], 'club.xlsx'));
      return transfer;
    },
    [...book],
  );
  await page.getByRole('region', { name: 'Paste a list' }).dispatchEvent('drop', { dataTransfer: dropped });
  await expect(page.getByRole('heading', { name: '1 seat read' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Wrist of Una Lathe' })).toHaveValue('16.5 cm');
});
