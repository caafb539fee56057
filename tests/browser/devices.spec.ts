import { expect, guest, makeSession, open, post, receive, test } from './fixture';

test('stock from a file is read for a preview, and only what is right is booked', async ({ page, watch }) => {
  watch.mayBeRefused = true;
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Stock or count from a file' }).click();
  const csv =
    '\uFEFFItem;Colour;Amount;Kind;Place\n"Satin cord 2 mm";Samphire;12 m;spool;"Drawer\n4"\nSatin cord 2 mm;Mauve;3 m;;\nBuckle 20 mm;;9;;Tin 1\n';
  await page
    .getByLabel('CSV file')
    .setInputFiles({ name: 'stock.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByRole('heading', { name: '3 lines read, 1 to put right' })).toBeVisible();
  await expect(page.getByText('has no colour “Mauve”')).toBeVisible();
  await page.getByRole('button', { name: 'Book 2 lines' }).click();
  await expect(page.getByRole('status').filter({ hasText: '2 lines booked' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Satin cord 2 mm, Samphire/ })).toContainText('12.0 m');
  await page.getByRole('button', { name: 'Stock or count from a file' }).click();
  await page.getByLabel('Stock list').fill('what;ever\n1;2');
  await page.getByRole('button', { name: 'Read the list' }).click();
  await expect(page.getByRole('alert')).toContainText('The first line must name the columns');
});

test('a spool is counted by weight once the scale stands still, and not when it comes unplugged', async ({ page }) => {
  await open(page, '/');
  await post(page, '/api/shelf/receive', {
    key: crypto.randomUUID(),
    receipts: [
      {
        item: 'cord/sheathed-4/sail',
        note: '',
        lots: [
          { kind: 'spool', amount: 20_000, place: 'Rack', tare: 30 },
          { kind: 'spool', amount: 8000, place: 'unplugged', tare: 30 },
        ],
      },
    ],
  });
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Sheathed nylon 4 mm, Tan sail' }).click();
  const tray = page.getByRole('complementary', { name: 'Sheathed nylon 4 mm, Tan sail' });
  const lots = tray.getByRole('button', { name: /^spool \d+/ });
  await lots.first().click();
  await tray.getByRole('button', { name: 'Weigh it' }).click();
  await expect(tray.getByText('not standing still yet')).toBeVisible();
  await expect(tray.getByRole('button', { name: 'Count it as this' })).toBeDisabled();
  await expect(tray.getByText('standing still', { exact: false })).toBeVisible();
  await expect(tray.getByText('give or take')).toContainText('the cord’s mass is an estimate');
  await tray.getByRole('button', { name: 'Count it as this' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'counted by weight' })).toBeVisible();
  await expect(lots.first().locator('xpath=ancestor::tr')).toContainText('19.');

  await lots.nth(1).click();
  await tray.getByRole('button', { name: 'Weigh it' }).click();
  await expect(tray.getByText('The scale does not answer')).toBeVisible();
  await expect(tray.getByRole('button', { name: 'Count it as this' })).toHaveCount(0);
});

test('a movement is undone by a counter-entry, and the printer says what it needs', async ({ page }) => {
  await open(page, '/');
  await receive(page, 'hardware/washer-25', 'bag', [15]);
  await open(page, '/shelf?view=ledger');
  const newest = page.getByRole('row', { name: /Received.*Washer/ }).first();
  await newest.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Undone by a counter-entry.')).toBeVisible();
  await expect(page.getByRole('row', { name: /Undone.*Washer/ })).toContainText('−15 pcs');

  const id = await makeSession(
    page,
    'To print',
    Array.from({ length: 18 }, (_, i) => guest(`Guest ${i}`, 'satin-2', 'race')),
  );
  await open(page, `/sessions/${id}/kit`);
  await page.getByRole('button', { name: 'Bag labels', exact: true }).click();
  await expect(page.getByText('A label is jammed')).toBeVisible({ timeout: 40_000 });
  await page.getByRole('button', { name: 'It is clear' }).click();
  await expect(page.getByText(/^Ready\./)).toBeVisible({ timeout: 20_000 });
});

for (const print of ['', '?print=large', '?paper=letter'])
  test(`kit cards${print && ` with ${print}`}: every act once, in its order, on sides that hold it whole; backs behind their fronts`, async ({
    page,
  }) => {
    await open(page, '/');
    const made = { wrist_mm: 168, wrist_method: 'tape', skill: 'new', age: 30 };
    const id = await makeSession(page, 'Cards', [
      { name: 'Ada Quoin', project: 'single-noose', ...made },
      { name: 'Bo Trow', project: 'button-panels', ...made },
      { name: 'Cy Marl', project: 'ladder-wrap', ...made },
    ]);
    await page.goto(`/sessions/${id}/cards${print}`);
    const sides = page.locator('.card-sheet > .side');
    await expect(sides.first()).toBeVisible();
    const cards = await page.locator('.card-sheet').evaluateAll((sheets) =>
      sheets.map((sheet) =>
        [...sheet.children].map((side) => {
          const acts = side.querySelector<HTMLElement>('.acts');
          return {
            who: side.querySelector('h2')?.textContent.trim() ?? null,
            numbers: [...(acts?.querySelectorAll('li > strong:first-of-type') ?? [])].map((n) =>
              parseInt(n.textContent),
            ),
            isWhole: !acts || (acts.scrollWidth <= acts.clientWidth + 1 && acts.scrollHeight <= acts.clientHeight + 1),
          };
        }),
      ),
    );
    expect(cards.flat().filter(({ isWhole }) => !isWhole)).toEqual([]);
    // A card keeps its half of the sheet: the upper one is never another’s back.
    for (const [top, below] of cards) {
      expect([null, '1 Ada Quoin', '3 Cy Marl']).toContain(top!.who);
      expect([null, '2 Bo Trow', undefined]).toContain(below?.who);
    }
    for (const who of ['1 Ada Quoin', '2 Bo Trow', '3 Cy Marl']) {
      const numbers = cards.flat().flatMap((side) => (side.who === who ? side.numbers.filter((n) => !isNaN(n)) : []));
      expect(numbers.length).toBeGreaterThan(8);
      expect(numbers).toEqual(numbers.map((_, i) => i + 1));
    }
    // The scale is true to size: 178 mm of 96 dots an inch.
    const wide = await page
      .locator('.side svg[aria-label*="Check"]')
      .first()
      .evaluate((svg) => svg.clientWidth);
    expect((wide / 96) * 25.4).toBeCloseTo(178, 0);
  });
