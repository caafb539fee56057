import { expect, guest, makeSession, open, receive, test } from './fixture';

test('consumables and tools come onto the shelf by name, and kits reckon with them', async ({ page }) => {
  await open(page, '/shelf');
  const form = page.locator('form').filter({ hasText: 'What came' });
  const put = async (what: string, kind: string | null, pieces: string) => {
    await page.getByRole('button', { name: 'Receive' }).click();
    await form.getByLabel('What came').fill(what);
    if (kind) await form.getByLabel('New, as').selectOption(kind);
    await form.getByLabel('Pieces').fill(pieces);
    await form.getByRole('button', { name: 'Put on the shelf' }).click();
    await expect(page.getByRole('status').filter({ hasText: `${what} is on the shelf.` })).toBeVisible();
  };
  // What has no name in the catalogue says first what it is.
  await page.getByRole('button', { name: 'Receive' }).click();
  await form.getByLabel('What came').fill('Paper band');
  await form.getByLabel('Pieces').fill('40');
  await form.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(form.getByRole('alert')).toContainText('say whether it is a consumable or a tool');
  await form.getByRole('button', { name: 'Cancel' }).click();
  await put('Paper band', 'consumable', '3');
  await put('Blunt needle', null, '1');
  await expect(page.getByRole('table', { name: 'Consumables' })).toContainText('Paper band');
  await expect(page.getByRole('table', { name: 'Tools' })).toContainText('Blunt needle');

  // Counted out to kits only once the studio says how far one goes.
  const id = await makeSession(
    page,
    'Bands',
    ['Ada Quoin', 'Bo Trow', 'Cy Weir', 'Di Loom'].map((name) => ({ ...guest(name, 'satin-2', 'race'), age: 9 })),
  );
  await open(page, `/sessions/${id}/kit`);
  const room = page.getByRole('listitem');
  await expect(room.filter({ hasText: '2 × blunt needle' })).toContainText('only 1 on the shelf');
  await expect(room.filter({ hasText: 'Paper band' })).toHaveCount(0);
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Paper band' }).click();
  const tray = page.getByRole('complementary', { name: 'Paper band' });
  await tray.getByLabel('One is enough for so many seats').fill('0');
  await page.keyboard.press('Enter');
  await expect(tray.getByRole('alert')).toContainText('A number, 1 to 1000');
  await tray.getByLabel('One is enough for so many seats').fill('1');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Saved.' })).toBeVisible();
  await open(page, `/sessions/${id}/kit`);
  await expect(room.filter({ hasText: '4 × Paper band' })).toContainText('only 3 on the shelf');
  await page.getByRole('link', { name: 'Packing list' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bands: packing list');
  await expect(page.getByRole('main')).toContainText('4 × Paper band, used up');
  // No flame for a child: the ends are woven back, and the needle is on the list.
  await expect(page.getByRole('main')).toContainText('2 × blunt needle');

  // Not counted any more, it is in nobody’s way.
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Paper band' }).click();
  await tray.getByLabel('One is enough for so many seats').fill('');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Saved.' })).toBeVisible();
  await open(page, `/sessions/${id}/kit`);
  await expect(room.filter({ hasText: '2 × blunt needle' })).toBeVisible();
  await expect(room.filter({ hasText: 'Paper band' })).toHaveCount(0);
});

test('the ledger goes back as far as it goes, and a lot says what it is long enough for', async ({ page }) => {
  await open(page, '/');
  const lengths = Array.from({ length: 60 }, (_, i) => 900 + i);
  await receive(page, 'cord/satin-2/lantern', 'offcut', lengths);
  await makeSession(page, 'Lantern', [guest('Ada Quoin', 'satin-2', 'lantern')]);
  await open(page, '/shelf?view=ledger');
  const received = page.getByRole('row', { name: /Received.*Satin cord 2 mm, Lantern yellow/ });
  await expect(received).toHaveCount(50);
  await page.getByRole('button', { name: 'Older movements' }).click();
  await expect(received).toHaveCount(60);

  await page.getByRole('tab', { name: 'Stock' }).click();
  await page.getByLabel('Find on the shelf').fill('lantern');
  await page.getByRole('button', { name: 'Satin cord 2 mm, Lantern yellow' }).click();
  const tray = page.getByRole('complementary', { name: 'Satin cord 2 mm, Lantern yellow' });
  // An offcut’s length is told to the millimetre: somebody cuts from it.
  await expect(tray.getByRole('row', { name: /offcut/ }).first()).toContainText('95.9 cm');
  await tray
    .getByRole('button', { name: /^offcut/ })
    .first()
    .click();
  await tray.getByText('What it is long enough for').click();
  const short = tray.getByRole('listitem').filter({ hasText: /slider/ });
  await expect(short.first()).toBeVisible();
  // Ada’s buckle band takes more than that.
  await expect(tray.getByText('In the sessions ahead')).toHaveCount(0);
});

test('what is short is on Today, with the day to order it by, and leads to what to order', async ({ page }) => {
  await open(page, '/');
  const soon = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);
  const id = crypto.randomUUID();
  const headers = { origin: new URL(page.url()).origin };
  await page.request.post('/api/sessions', { headers, data: { id, session: { title: 'Tomorrow', held_on: soon } } });
  await page.request.post(`/api/sessions/${id}/seats`, {
    headers,
    data: { seats: [{ id: crypto.randomUUID(), ...guest('Ada Quoin', 'waxed-1', 'kelp') }] },
  });
  await open(page, '/');
  const short = page.getByRole('region', { name: 'Short' });
  await expect(short.getByRole('listitem').filter({ hasText: 'Waxed polyester 1 mm, Kelp' })).toContainText(
    'should have been ordered by',
  );
  await short.getByRole('link', { name: /what to order/i }).click();
  const row = page.getByRole('row', { name: /Waxed polyester 1 mm, Kelp/ }).first();
  await expect(row).toContainText('(past)');
  await row.getByRole('button', { name: /^Waxed/ }).click();
  await expect(page.getByRole('row', { name: /Tomorrow/ })).toBeVisible();
  await page.request.delete(`/api/sessions/${id}`, { headers, data: {} });
});
