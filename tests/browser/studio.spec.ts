import { PDFDocument } from 'pdf-lib';
import { readFileSync } from 'node:fs';
import { axe, expect, makeSession, open, test } from './fixture';

test('a cord’s diameter is corrected in the settings, within its limits, and the cut follows', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Thicker cord', [
    {
      name: 'Ada Quoin',
      age: 30,
      wrist_mm: 165,
      wrist_method: 'tape',
      project: 'band-buckle',
      cords: { whole: { cord: 'hemp-1', colours: [] } },
    },
  ]);
  const cut = async () => {
    await open(page, `/sessions/${id}/cut`);
    const row = page.getByRole('row', { name: /Ada Quoin/ });
    return parseFloat(await row.locator('.num').nth(1).innerText());
  };
  const before = await cut();
  await open(page, '/settings');
  const field = page.getByLabel('Diameter of Hemp twine 1 mm');
  const was = await field.inputValue();
  await field.fill('99');
  await field.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '0.2 to 12 mm' })).toBeVisible();
  await field.fill('1,4');
  await field.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Hemp twine 1 mm saved.' })).toBeVisible();
  expect(await cut()).not.toBe(before);
  await open(page, '/settings');
  await field.fill(was);
  await field.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Hemp twine 1 mm saved.' })).toBeVisible();
  expect(await cut()).toBe(before);
});

test('of two who change the same cord the second is told, and shown what stands', async ({ page, context, watch }) => {
  watch.mayBeRefused = true;
  await open(page, '/settings');
  const other = await context.newPage();
  await open(other, '/settings');
  const field = (tab: typeof page) => tab.getByLabel('Compression of Hemp twine 1 mm');
  const was = await field(page).inputValue();
  await field(page).fill('0.97');
  await field(page).press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Hemp twine 1 mm saved.' })).toBeVisible();
  await field(other).fill('0.88');
  await field(other).press('Enter');
  await expect(other.getByRole('status').filter({ hasText: 'It is shown as it is now' })).toBeVisible();
  await expect(field(other)).toHaveValue('0.97');
  await field(other).fill(was);
  await field(other).press('Enter');
  await expect(other.getByRole('status').filter({ hasText: 'Hemp twine 1 mm saved.' })).toBeVisible();
});

test('the studio cuts by any of the five schools', async ({ page }) => {
  await open(page, '/settings');
  const school = page.getByLabel('Cuts by school');
  await expect(school.getByRole('option')).toHaveText(['Measured', 'Ratio', 'Core multiple', 'Size class', 'Try on']);
});

test('everything is exported in open formats; a studio in use takes no other in', async ({ page, watch }) => {
  watch.mayBeRefused = true;
  await open(page, '/settings');
  for (const [words, type, start] of [
    ['Shelf (CSV)', 'text/csv', 'lot,item,kind'],
    ['Shelf (JSON)', 'application/json', 'lapboard-shelf'],
    ['Ledger (CSV)', 'text/csv', 'id,made_at,kind'],
    ['Ledger (JSON)', 'application/json', 'lapboard-ledger'],
    ['Projects (CSV)', 'text/csv', 'slug,revision,name'],
    ['Projects (JSON)', 'application/json', 'lapboard-projects'],
    ['Sessions (calendar)', 'text/calendar', 'BEGIN:VCALENDAR'],
  ] as const) {
    const href = (await page.getByRole('link', { name: words }).getAttribute('href'))!;
    const answer = await page.request.get(href);
    expect(answer.headers()['content-type'], words).toContain(type);
    const text = (await answer.text()).replace(/^\uFEFF/, '');
    if (type === 'application/json') expect(JSON.parse(text)).toMatchObject({ format: start, version: 1 });
    else expect(text.replaceAll('"', '').startsWith(start), words).toBe(true);
  }
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'The whole studio (ZIP)' }).click(),
  ]);
  const zip = readFileSync((await download.path())!);
  expect(zip.subarray(0, 2).toString()).toBe('PK');

  await page
    .getByLabel('Import a studio (ZIP)')
    .setInputFiles({ name: 'studio.zip', mimeType: 'application/zip', buffer: zip });
  await expect(page.getByRole('alert').filter({ hasText: 'into an empty one only' })).toBeVisible();
});

test('people: what is wrong is said at the field, and skin and wrists reach the next session', async ({ page }) => {
  await open(page, '/');
  await makeSession(page, 'Known before', [
    { name: 'Quill Sandbar', age: 12, wrist_mm: 150, wrist_method: 'tape', project: 'fob-ring' },
  ]);
  await open(page, '/people');
  await page.getByPlaceholder('part of a name').fill('quill');
  await page.getByRole('button', { name: 'Quill Sandbar' }).click();
  const tray = page.getByRole('complementary', { name: 'Quill Sandbar' });
  const save = tray.getByRole('button', { name: 'Save' });
  await tray.getByLabel(/^Age/).fill('12½');
  await save.click();
  await expect(tray.getByRole('alert')).toHaveText('Age: whole years, 0 to 120.');
  await tray.getByLabel(/^Age/).fill('13');
  await tray.getByLabel('Wrist').fill('2 m');
  await save.click();
  await expect(tray.getByRole('alert')).toContainText('cannot be a wrist');
  await tray.getByLabel('Wrist').fill('15.6');
  await tray.getByLabel('nickel').check();
  await save.click();
  await expect(tray.getByRole('table')).toContainText('15.6 cm');
  expect(await axe(page)).toEqual([]);

  // Pasted again, by name alone: known with the newest wrist, and the skin note warns of the ring.
  const id = await makeSession(page, 'Known again');
  await open(page, `/sessions/${id}/seats`);
  await page.getByLabel('List of who is coming').fill('Quill Sandbar, fob');
  await page.getByRole('button', { name: 'Read the list' }).click();
  await expect(page.getByLabel('Who Quill Sandbar is')).toContainText('known: 13 years, wrist 15.6 cm');
  // The name alone does not say that it is the same person: that is for somebody to confirm.
  await page.getByRole('button', { name: 'It is the same person' }).click();
  await page.getByRole('button', { name: 'Seat 1 person, 1 of them known' }).click();
  await expect(page.getByLabel('Skin of Quill Sandbar')).toHaveValue('nickel');
});

test('a studio in inches on US Letter has it on every screen and on paper, and of two who change it the second is told', async ({
  page,
  context,
  watch,
}) => {
  watch.mayBeRefused = true;
  await open(page, '/');
  const id = await makeSession(page, 'In inches', [
    { name: 'Ada Quoin', age: 30, wrist_mm: 165, wrist_method: 'tape', project: 'band-buckle' },
  ]);
  const other = await context.newPage();
  await open(other, '/settings');
  await open(page, '/settings');
  const set = async (units: string, paper: string, name: string) => {
    await page.locator('select[name=units]').selectOption({ label: units });
    await page.locator('select[name=paper]').selectOption({ label: paper });
    await page.locator('input[name=name]').fill(name);
    await page.getByRole('button', { name: 'Save the settings' }).click();
  };
  const name = await page.locator('input[name=name]').inputValue();
  await set('inches', 'US Letter', '');
  await expect(page.getByRole('status').filter({ hasText: 'The studio needs a name.' })).toBeVisible();
  await set('inches', 'US Letter', name);
  await expect(page.getByText('Saved.')).toBeVisible();

  await open(page, `/sessions/${id}/fit`);
  await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('6 ½ in');
  // What is typed without a unit is read in whichever it can be.
  await page.getByRole('textbox', { name: 'Wrist of Ada Quoin' }).fill('6 3/4');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('6 ¾ in');
  await open(page, `/sessions/${id}/cut`);
  await expect(page.getByRole('row', { name: /Ada Quoin/ })).toContainText(' in');
  const sheet = await page.request.get(`/api/sessions/${id}/cut-sheet.pdf`);
  // 8 ½ by 11 inches, in points.
  const { width, height } = (await PDFDocument.load(await sheet.body())).getPage(0).getSize();
  expect([width, height].map(Math.round)).toEqual([612, 792]);
  await open(page, `/sessions/${id}/print`);
  await expect(page.getByText(/\d+ [¼½¾⅛⅜⅝⅞]? ?in\b/).first()).toBeVisible();

  // The other tab has the figures of before: it is told, and what it typed is still there.
  await other.locator('input[name=name]').fill('Somebody else’s mill');
  await other.getByRole('button', { name: 'Save the settings' }).click();
  await expect(other.getByRole('status').first()).toContainText('Someone else changed this settings page');
  await expect(other.locator('input[name=name]')).toHaveValue('Somebody else’s mill');

  await open(page, '/settings');
  await set('centimetres', 'A4', name);
  await expect(page.getByText('Saved.')).toBeVisible();
  await open(page, `/sessions/${id}/fit`);
  await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('17.1 cm');
});
