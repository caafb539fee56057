import type { Page, Route } from '@playwright/test';
import { cluster } from '../../scripts/lib/postgres.mjs';
import { expect, guest, makeSession, open, receive, test } from './fixture';
import { served } from './support/served';

interface LedgerLine {
  readonly kind: string;
  readonly hand: number;
  readonly item: string;
}
const ledgerOf = async (page: Page, session: string) =>
  (await (await page.request.get(`/api/shelf/ledger?session=${session}`)).json()) as LedgerLine[];

/** Lets a request reach the server and loses its answer, once. */
const loseAnswer = (page: Page, path: string) =>
  page.route(
    path,
    async (route: Route) => {
      await route.fetch();
      await route.abort();
    },
    { times: 1 },
  );

/** A session of one seat, laid out and reserved. */
async function reserved(page: Page, title: string, colour: string): Promise<string> {
  await open(page, '/');
  await receive(page, `cord/cotton-1/${colour}`, 'spool', [9000]);
  await receive(page, 'hardware/buckle-15', 'bag', [5]);
  const id = await makeSession(page, title, [guest('Ada Quoin', 'cotton-1', colour)]);
  await open(page, `/sessions/${id}/cut`);
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  const reserve = page.getByRole('button', { name: 'Reserve this on the shelf' });
  await expect(reserve).toBeEnabled({ timeout: 30_000 });
  await reserve.click();
  await expect(page.getByText('Reserved on the shelf.')).toBeVisible();
  await page.getByRole('link', { name: /4 Kit/ }).click();
  return id;
}
const issue = (page: Page) => page.getByRole('button', { name: 'Issue all kits from the shelf' });

test('an issue whose answer was lost is asked for again, and booked once', async ({ page, watch }) => {
  watch.serverMayBeAway = true;
  const id = await reserved(page, 'Lost answer', 'rust');
  await loseAnswer(page, '**/kits');
  await issue(page).click();
  await expect(page.getByRole('alert').filter({ hasText: 'ask again when it is back' })).toBeVisible();
  await issue(page).click();
  await expect(page.getByText(/Issued from the shelf on/)).toBeVisible();
  // The demo’s studio counts bags out too.
  const issued = (await ledgerOf(page, id)).filter(({ kind }) => kind === 'issue');
  expect(issued.map(({ item }) => item).sort()).toEqual([
    'consumable/kit-bag',
    'cord/cotton-1/rust',
    'hardware/buckle-15',
  ]);

  // What came back, too: the answer lost, sent again, on the shelf once.
  await page.getByRole('link', { name: /6 Wrap-up/ }).click();
  await loseAnswer(page, '**/leftovers');
  await page.getByLabel('Cotton cord 1 mm, Sluice rust', { exact: true }).fill('62 cm');
  await page.getByRole('button', { name: 'Put it back on the shelf' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'cannot be reached' })).toBeVisible();
  await expect(page.getByLabel('Cotton cord 1 mm, Sluice rust', { exact: true })).toHaveValue('62 cm');
  await page.getByRole('button', { name: 'Put it back on the shelf' }).click();
  await expect(page.getByText('1 back on the shelf.')).toBeVisible();
  const back = (await ledgerOf(page, id)).filter(({ kind }) => kind === 'return');
  expect(back.map(({ hand }) => hand)).toEqual([620]);
});

test('while the database is away nothing is issued by halves, and afterwards it is', async ({ page, watch }) => {
  test.setTimeout(120_000);
  watch.serverMayBeAway = true;
  const id = await reserved(page, 'Away', 'mudlark');
  const postgres = cluster(served.cluster, 0, ['-c', 'fsync=off']);
  postgres.stop('immediate');
  try {
    await issue(page).click();
    await expect(page.getByRole('alert').filter({ hasText: 'Nothing is lost' })).toBeVisible({ timeout: 30_000 });
  } finally {
    await postgres.start();
  }
  await expect.poll(async () => (await page.request.get('/api/health')).status()).toBe(200);
  expect((await ledgerOf(page, id)).map(({ kind }) => kind)).toEqual(['reserve', 'reserve', 'reserve']);
  await issue(page).click();
  await expect(page.getByText(/Issued from the shelf on/)).toBeVisible();
  // Taken back whole, by counter-entries: what was reserved is reserved again.
  await page.getByRole('button', { name: 'Take the issue back' }).click();
  await expect(issue(page)).toBeEnabled();
  expect((await ledgerOf(page, id)).map(({ kind }) => kind)).toEqual([
    ...Array<string>(3).fill('undo'),
    ...Array<string>(3).fill('issue'),
    ...Array<string>(3).fill('reserve'),
  ]);
});

test('of two tabs that issue and reserve, the second is told what stands', async ({ page, context, watch }) => {
  watch.mayBeRefused = true;
  const id = await reserved(page, 'Two tabs at the shelf', 'reed');
  const other = await context.newPage();
  await open(other, `/sessions/${id}/cut`);
  await other.getByRole('tab', { name: 'From the shelf' }).click();
  await expect(other.getByText('Reserved on the shelf.')).toBeVisible();
  await issue(page).click();
  await expect(page.getByText(/Issued from the shelf on/)).toBeVisible();
  await other.getByRole('button', { name: 'Give it back' }).click();
  await expect(other.getByRole('alert').first()).toBeVisible();
  await expect(other.getByRole('link', { name: /4 Kit/ })).toContainText('1 kit issued');
});

test('a lot receives once what was sent twice, though its answer was lost', async ({ page, watch }) => {
  watch.serverMayBeAway = true;
  await open(page, '/shelf');
  await loseAnswer(page, '**/api/shelf/receive');
  await page.getByRole('button', { name: 'Receive' }).click();
  const form = page.locator('form').filter({ hasText: 'What came' });
  await form.getByLabel('What came').fill('Cotton cord 1 mm, Kelp');
  await form.getByLabel('Length of each').fill('7.5 m');
  await page.keyboard.press('Tab');
  await form.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'cannot be reached' })).toBeVisible();
  await form.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByText('Cotton cord 1 mm, Kelp is on the shelf.')).toBeVisible();
  await expect(page.getByRole('row', { name: /Cotton cord 1 mm, Kelp/ })).toContainText('7.5 m');
  await expect(
    page
      .getByRole('row', { name: /Cotton cord 1 mm, Kelp/ })
      .locator('.num')
      .last(),
  ).toHaveText('1');
});
