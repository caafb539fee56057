import type { Page } from '@playwright/test';
import { expect, guest, makeSession, open, test } from '../fixture';
import { card, openBench, panel, phoneOf, press, HELD } from '../support/bench';
import { inBothThemes, sideways, SIZES } from '../support/look';

test('bench, seat page and pairing keep to WCAG 2.2 AA in both themes and three sizes; targets are as large as a thumb', async ({
  page,
  browser,
}) => {
  test.setTimeout(180_000);
  await openBench(page);
  const phone = await phoneOf(browser, page, 'Jory Flood');
  /** Buttons of the bench and of the page under them, smaller than a thumb. */
  const small = (one: Page, within: string) =>
    one.locator(`${within} button:visible`).evaluateAll((all) =>
      all.flatMap((button) => {
        const { width, height } = button.getBoundingClientRect();
        return height < 43.5 || width < 43.5 ? [`${button.textContent} ${width}×${height}`] : [];
      }),
    );
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height });
    await inBothThemes(page, `bench at ${width}`);
    await card(page, 'Corin').click();
    for (const view of ['Progress', 'Will it last?', 'Where was I?', 'What went wrong?']) {
      await panel(page).getByRole('tab', { name: view }).click();
      // Its pictures are fetched when the first seat is opened.
      if (view === 'What went wrong?') await expect(panel(page).getByText('What do you see?')).toBeVisible();
      await inBothThemes(page, `${view} at ${width}`);
      expect.soft(await small(page, 'aside'), `${view} at ${width}`).toEqual([]);
    }
    expect.soft(await small(page, 'main'), `bench at ${width}`).toEqual([]);
    expect.soft(await sideways(page), `bench at ${width}`).toBeLessThanOrEqual(0);
    await press(page, 'Close');
    await phone.setViewportSize({ width, height });
    await inBothThemes(phone, `seat page at ${width}`);
    expect.soft(await small(phone, 'body'), `seat page at ${width}`).toEqual([]);
    expect.soft(await sideways(phone), `seat page at ${width}`).toBeLessThanOrEqual(0);
  }
  await page.getByRole('button', { name: 'Clock' }).click();
  await inBothThemes(page, 'the clock');
  expect.soft(await sideways(page), 'the clock').toBeLessThanOrEqual(0);
  for (const path of ['/pair', '/bench']) {
    await open(phone, path);
    await inBothThemes(phone, path);
  }
});

test('kits are ticked off on a tablet, and two who tick at once lose nothing of each other', async ({
  page,
  context,
  watch,
}) => {
  // Whoever ticks second is told that somebody has, and ticks again.
  watch.mayBeRefused = true;
  await open(page, '/');
  const id = await makeSession(
    page,
    'Kit quay',
    [guest('Ada Quoin', 'sheathed-4', 'race'), guest('Bo Trow', 'sheathed-4', 'race')],
    HELD,
  );
  const other = await context.newPage();
  for (const tablet of [page, other]) await open(tablet, `/bench/${id}/kit`);
  await page.getByRole('checkbox', { name: '1 Ada Quoin' }).check();
  await other
    .getByRole('checkbox', { name: /^Card:/ })
    .nth(1)
    .check();
  await expect(other.getByRole('checkbox', { name: '1 Ada Quoin' })).toBeChecked();
  await open(page, `/sessions/${id}/kit`);
  await expect(page.getByRole('checkbox', { name: 'Bag 1 of Ada Quoin is packed' })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: /^Card/ }).nth(1)).toBeChecked();
});
