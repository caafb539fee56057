import { expect, open, test } from '../fixture';

const FIGURE = 'Square knot in Sheathed nylon 3 mm, steady';

test('a year of records: what they say is seen, tried, accepted and taken back', async ({ page }) => {
  await open(page, '/records');
  await expect(page.getByText('109 pieces with records')).toBeVisible({ timeout: 20_000 });
  const row = page.getByRole('row', { name: new RegExp(FIGURE) });
  await expect(row).toContainText('they differ');
  await expect(row).toContainText('1.000');
  // How well use is foretold is told, and gets better.
  const told = await page.getByText(/by geometry alone half of all lengths lie within/).textContent();
  const [, geometry, learned] = /within ([\d.]+) %, from \d+ sessions within ([\d.]+) %/.exec(told!)!;
  expect(Number(learned)).toBeLessThan(Number(geometry) * 0.8);

  await page.getByRole('button', { name: FIGURE }).click();
  const tray = page.getByRole('complementary', { name: FIGURE });
  await expect(tray.getByRole('img', { name: /predicted against found/ })).toBeVisible();
  await expect(tray.getByText(/cut to other lengths|would change/)).toBeVisible();
  await tray.getByText('As a table').click();
  expect(await tray.getByRole('row').count()).toBeGreaterThan(5);
  await tray.getByLabel('Who says so').fill('Morwen Tidy');
  await tray.getByRole('button', { name: /^Accept/ }).click();
  await expect(row).toContainText('in force');
  const change = page.getByRole('listitem').filter({ hasText: `${FIGURE}: accepted` });
  await expect(change).toContainText('Morwen Tidy');
  // The cord's own page says so too: what is cut by it explains itself.
  await change.getByRole('button', { name: 'Take back' }).click();
  await expect(row).toContainText('they differ');
  await expect(page.getByRole('listitem').filter({ hasText: `${FIGURE}: taken back` })).toBeVisible();
  // The whole history, in open formats.
  const csv = await page.request.get('/api/export/records.csv');
  expect((await csv.text()).split('\r\n')[0]).toBe(
    'piece,date,session,maker,project,skill,cord,role,planned band mm,cut mm,left mm,half knots,band mm,thick mm,fits,minutes,finished',
  );
  const json = (await (await page.request.get('/api/export/records.json')).json()) as { records: object[] };
  expect(json.records.length).toBeGreaterThanOrEqual(109);
  expect(JSON.stringify(json)).not.toContain('Elva');
});

test('a history from elsewhere is looked at before it is taken in', async ({ page }) => {
  await open(page, '/records');
  await page.getByRole('button', { name: 'Records from elsewhere' }).click();
  const list = page.getByLabel('Records as CSV');
  await list.fill('day;what\n1;2');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText('The first line must name the columns')).toBeVisible();
  await list.fill(
    [
      'date;maker;project;skill;cord;planned band cm;cut cm;left cm;half knots',
      '4.5.2024;A;band-buckle;fluent;hemp-1;13,5;160;8,5 + 9;52',
      '4.5.2024;B;band-buckle;fluent;silk;13,5;160;8;52',
    ].join('\n'),
  );
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText('2 lines read: 1 pieces of 1 makers')).toBeVisible();
  await expect(page.getByRole('row', { name: /“silk” is no cord/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take in 1 piece' }).click();
  await expect(page.getByText('1 piece taken in.')).toBeVisible();
  await expect(page.getByRole('row', { name: /Square knot in .*[Hh]emp.*, fluent/ })).toBeVisible({ timeout: 20_000 });
});
