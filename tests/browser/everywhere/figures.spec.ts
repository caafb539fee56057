import { expect, open, test } from '../fixture';
import { look } from '../support/look';

test.describe.configure({ timeout: 180_000 });

test('Records, the room and the cutting lanes keep to WCAG 2.2 AA at every size', async ({ page }) => {
  await open(page, '/records');
  await expect(page.getByRole('status').first()).not.toContainText('Learning', { timeout: 20_000 });
  await page.getByRole('button', { name: 'Square knot in Satin cord 2 mm, new' }).click();
  await expect(page.getByText('cut to other lengths')).toBeVisible();
  await page.getByText('As a table').first().click();
  await look(page, 'records with a figure');
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: 'Records from elsewhere' }).click();
  await look(page, 'records from elsewhere');
  await open(page, '/sessions');
  const href = await page.getByRole('link', { name: 'Tide club evening' }).getAttribute('href');
  const evening = href!.replace(/\/seats$/, '');
  await open(page, `${evening}/room`);
  await page.getByRole('button', { name: 'Try what would help' }).click();
  await expect(page.getByRole('table', { name: 'What would help, the most first' })).toBeVisible({ timeout: 20_000 });
  await page.getByText('The same as a table').click();
  await look(page, 'the room');
  await open(page, `${evening}/cut`);
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  await expect(page.getByRole('button', { name: 'Lay out again' })).toBeVisible({ timeout: 40_000 });
  await page.getByRole('button', { name: /^Bag 1,/ }).click();
  await look(page, 'the cutting lanes');
});

test('the shelf, what is short, its orders and its ledger keep to WCAG 2.2 AA at every size', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Sheathed nylon 4 mm, Race blue' }).click();
  await page.getByRole('button', { name: /^spool 1$/ }).click();
  await page.getByText('What it is long enough for').click();
  await expect(page.getByText('In the projects, for an adult’s wrist')).toBeVisible();
  await look(page, 'Shelf');
  await page.getByRole('button', { name: 'Receive' }).click();
  await look(page, 'Shelf, receiving');
  await page.getByRole('button', { name: 'Stock or count from a file' }).click();
  await look(page, 'Shelf, from a file');
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
    await look(page, tab);
  }
});
