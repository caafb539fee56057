import { expect, guest, makeSession, open, receive, saved, test } from './fixture';

test('from a plan over lanes, buying and a part delivery to issued kits, leftovers and the next outlook', async ({
  page,
  watch,
}) => {
  watch.mayBeRefused = true;
  await open(page, '/');
  // Two sessions of one cord that the shelf has too little of: 1 m of satin in heron grey.
  const cord = 'cord/satin-2/heron';
  await receive(page, cord, 'offcut', [1000]);
  await receive(page, 'hardware/buckle-15', 'bag', [20]);
  const pair = [guest('Ada Quoin', 'satin-2', 'heron'), guest('Bo Trow', 'satin-2', 'heron')];
  const first = await makeSession(page, 'Flow one', pair, '2030-02-03');
  await makeSession(page, 'Flow two', [guest('Cy Weir', 'satin-2', 'heron')], '2030-03-03');

  await open(page, `/sessions/${first}/cut`);
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  await expect(page.getByText(/pack of .* to buy; .*no plan opens less/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('link', { name: 'see what to order' }).click();

  // What is short says how much, by when, and in whole packs.
  await page.waitForURL(/view=outlook/);
  const row = page.getByRole('row', { name: /Satin cord 2 mm, Heron grey/ }).first();
  await expect(row).toContainText('3 Feb');
  await row.getByRole('button', { name: /^Satin/ }).click();
  await expect(page.getByRole('row', { name: /3 Feb, Flow one/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /3 Mar, Flow two/ })).toBeVisible();
  await row.getByRole('button', { name: /^Order/ }).click();
  await expect(page.getByRole('status').filter({ hasText: 'is ordered' })).toBeVisible();

  // A delivery comes, and lies on the shelf.
  await page.getByRole('tab', { name: 'Orders' }).click();
  await page.getByLabel('Packs of Satin cord 2 mm, Heron grey that came').fill('1');
  await page.getByLabel('Place for Satin cord 2 mm, Heron grey').fill('Drawer 9');
  // Other orders may be open too.
  const ordered = page.getByRole('row').filter({ has: page.getByLabel('Place for Satin cord 2 mm, Heron grey') });
  await ordered.getByRole('button', { name: 'Receive' }).click();
  await expect(page.getByText('1 pack of Satin cord 2 mm, Heron grey on the shelf.')).toBeVisible();

  // Now the lanes are covered; they are reserved, and the table sheet can be cut by.
  await open(page, `/sessions/${first}/cut`);
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  const reserve = page.getByRole('button', { name: 'Reserve this on the shelf' });
  await expect(reserve).toBeEnabled({ timeout: 30_000 });
  await expect(page.getByText('to be bought')).toHaveCount(0);
  await reserve.click();
  await expect(page.getByText('Reserved on the shelf.')).toBeVisible();
  const table = await page.request.get(`/sessions/${first}/table`);
  expect(await table.text()).toContain('Drawer 9');

  // Kits: ticked off, labelled, issued all at once.
  await page.getByRole('link', { name: /4 Kit/ }).click();
  await page.getByRole('checkbox', { name: 'Bag 1 of Ada Quoin is packed' }).check();
  await saved(page);
  const cards = await (await page.request.get(`/sessions/${first}/cards`)).text();
  expect(cards).toMatch(/Ada Quoin[\s\S]*Inside[\s\S]*A finished band is decoration[\s\S]*Bo Trow/);
  const labels = await page.request.get(`/api/sessions/${first}/labels?kind=bags`);
  expect(labels.headers()['content-type']).toBe('application/pdf');
  await page.getByRole('button', { name: 'Issue all kits from the shelf' }).click();
  await expect(page.getByText(/Issued from the shelf on/)).toBeVisible();
  await expect(page.getByRole('link', { name: /4 Kit/ })).toContainText('2 kits issued');
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'Bag 1 of Ada Quoin is packed' })).toBeChecked();

  // What came back is an offcut; what is too short is refused by name.
  await page.getByRole('link', { name: /6 Wrap-up/ }).click();
  const back = page.getByLabel('Satin cord 2 mm, Heron grey', { exact: true });
  await back.fill('4 cm');
  await page.getByRole('button', { name: 'Put it back on the shelf' }).click();
  await expect(page.getByRole('alert')).toContainText('shorter than the 300 mm worth keeping');
  await back.fill('45 cm; 60 cm');
  await page.getByRole('button', { name: 'Put it back on the shelf' }).click();
  await expect(page.getByText('2 back on the shelf.')).toBeVisible();

  // The next session's outlook has changed: the first is gone from it, and nothing is short any more.
  await open(page, '/shelf?view=outlook');
  const after = page.getByRole('row', { name: /Satin cord 2 mm, Heron grey/ }).first();
  await expect(after).not.toContainText('Mar');
  await after.getByRole('button', { name: /^Satin/ }).click();
  await expect(page.getByRole('row', { name: /3 Mar, Flow two/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Flow one/ })).toHaveCount(0);
});

test('a cut is moved and locked by hand, and what does not fit says why', async ({ page }) => {
  await open(page, '/');
  const cord = 'cord/satin-2/night';
  await receive(page, cord, 'spool', [9000, 2600]);
  const id = await makeSession(page, 'By hand', [
    guest('Ada Quoin', 'satin-2', 'night'),
    guest('Bo Trow', 'satin-2', 'night'),
  ]);
  await open(page, `/sessions/${id}/cut`);
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  await expect(page.getByRole('button', { name: 'Lay out again' })).toBeVisible({ timeout: 30_000 });
  const section = page.getByRole('region', { name: 'Satin cord 2 mm, Night tide' });
  const lanes = section.locator('[data-lane]');
  await section.getByRole('button', { name: /Bag 1, Ada Quoin/ }).click();
  await section.getByRole('button', { name: 'Lock here' }).click();
  await expect(section.getByRole('button', { name: /Bag 1, Ada Quoin, .*, locked/ })).toBeVisible();
  await section.getByRole('button', { name: 'Lay out the rest again' }).click();
  await expect(page.getByRole('button', { name: 'Lay out again' })).toBeVisible({ timeout: 30_000 });
  await expect(section.getByRole('button', { name: /Bag 1, Ada Quoin, .*, locked/ })).toBeVisible();
  expect(await lanes.count()).toBeGreaterThan(0);
  await page.getByRole('button', { name: 'Reserve this on the shelf' }).click();
  await expect(page.getByText('Reserved on the shelf.')).toBeVisible();
  // A wrist changes: what is laid out is no longer what is called for, and it says so.
  await page.getByRole('link', { name: /2 Fit/ }).click();
  await page.getByRole('textbox', { name: 'Wrist of Bo Trow' }).fill('19 cm');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.getByRole('link', { name: /3 Cut/ }).click();
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  await expect(page.getByText(/Bo Trow was laid out at|Laying out|Reserve this/).first()).toBeVisible();
});

test('what would do instead is offered and taken, and colours are given by wish', async ({ page }) => {
  await open(page, '/');
  await receive(page, 'cord/satin-1/lantern', 'spool', [9000]);
  await receive(page, 'cord/satin-1/thrift', 'spool', [2600]);
  const id = await makeSession(page, 'Instead', [
    guest('Ada Quoin', 'satin-1', 'oyster'),
    guest('Bo Trow', 'satin-1', 'oyster'),
  ]);
  await open(page, `/sessions/${id}/cut`);
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  const section = page.getByRole('region', { name: 'Satin cord 1 mm, Oyster' });
  await section.getByText('What would do instead').click({ timeout: 30_000 });
  const row = section.getByRole('row', { name: /Satin cord 1 mm, Lantern yellow/ });
  await expect(row).toContainText('the colour alone');
  await row.getByRole('button', { name: 'Use it in 2 seats' }).click();
  await saved(page);
  await expect(page.getByRole('region', { name: 'Satin cord 1 mm, Lantern yellow' })).toBeVisible({ timeout: 30_000 });

  await page.keyboard.press(']');
  const tray = page.getByRole('complementary', { name: 'Seat of Ada Quoin' });
  const wishes = tray.getByLabel('Colours Ada Quoin wishes for');
  await wishes.fill('thrift, mauve');
  await page.keyboard.press('Enter');
  await expect(tray.getByRole('alert')).toContainText('“mauve” is none of');
  await wishes.fill('thrift, lantern');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.getByText('Colours by wish: 1 seat has a list').click();
  await expect(page.getByRole('row', { name: /Ada Quoin .*Thrift pink their first wish/ })).toBeVisible();
  await page.getByRole('button', { name: 'Give 1 seat these colours' }).click();
  await saved(page);
  await expect(page.getByRole('region', { name: 'Satin cord 1 mm, Thrift pink' })).toBeVisible({ timeout: 30_000 });
});

test('500 cuts over 60 pieces of stock are laid out without blocking the page, and can be stopped', async ({
  page,
}) => {
  test.slow();
  await open(page, '/');
  const lengths = Array.from({ length: 59 }, (_, i) => 2500 + ((i * 7919) % 24_000));
  await receive(page, 'cord/cotton-2/reed', 'spool', lengths);
  const id = await makeSession(
    page,
    'Many',
    Array.from({ length: 500 }, (_, i) => ({
      ...guest(`Guest ${i}`, 'cotton-2', 'reed'),
      wrist_mm: 120 + ((i * 37) % 110),
    })),
  );
  await open(page, `/sessions/${id}/cut`);
  await page.evaluate(() => {
    Object.assign(window, { frames: 0 });
    const tick = () => {
      (window as unknown as { frames: number }).frames += 1;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  const frames = () => page.evaluate(() => (window as unknown as { frames: number }).frames);
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  await expect(page.getByText(/Best so far/)).toBeVisible({ timeout: 30_000 });
  // The page goes on drawing while the worker works.
  const before = await frames();
  await expect.poll(frames).toBeGreaterThan(before + 10);
  await expect(page.getByText(/Best so far/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop here' }).click();
  await expect(page.getByRole('button', { name: 'Lay out again' })).toBeVisible({ timeout: 30_000 });
  await expect(page.locator('[data-lane] button')).toHaveCount(500);
});
