import type { Page } from '@playwright/test';
import { expect, guest, makeSession, open, ready, test } from '../fixture';
import { card, openBench, panel, phoneOf, press, HELD } from '../support/bench';

/** What is pushed is there before a screen asks by itself, every 45 s, milliseconds. */
const PUSHED = 25_000;

test('a room from two screens and three phones: progress, help, a rescue, the station, and a card to go home with', async ({
  page,
  context,
  browser,
}) => {
  test.setTimeout(180_000);
  const path = await openBench(page);
  // The tablet on the other side of the room.
  const tablet = await context.newPage();
  await tablet.setViewportSize({ width: 820, height: 1180 });
  await open(tablet, `${path}/bench`);

  const [bettany, corin, hild] = [
    await phoneOf(browser, page, 'Bettany Weir'),
    await phoneOf(browser, page, 'Corin Saltmarsh'),
    await phoneOf(browser, page, 'Hild Cockle'),
  ];

  // Three progress from their own pages, and every bench has it within a second.
  await expect(bettany.getByRole('heading', { name: 'Knot' })).toBeVisible();
  await bettany.getByRole('button', { name: 'Tied' }).click();
  await bettany.getByRole('button', { name: 'Tied' }).click();
  await corin.getByRole('button', { name: 'Tied' }).click();
  for (const bench of [page, tablet]) {
    await expect(card(bench, 'Bettany')).toHaveAccessibleName(/ 20 of 25 half knots/, { timeout: PUSHED });
    await expect(card(bench, 'Corin')).toHaveAccessibleName(/ 9 of 27 half knots/, { timeout: PUSHED });
  }
  // The next knot's leading side changes with every one.
  const side = corin.getByText(/on the (left|right) first/);
  const before = await side.textContent();
  await corin.getByRole('button', { name: 'Tied' }).click();
  await expect(side).not.toHaveText(before!);

  // One asks for help: it comes to the top, in the order that it was asked.
  await corin.getByRole('button', { name: 'I need help' }).click();
  const helpOn = (bench: Page) => bench.getByRole('region', { name: 'Asks for help' });
  await expect(helpOn(tablet).getByRole('listitem')).toHaveText([/Delphine/, /Corin/], { timeout: PUSHED });
  await helpOn(tablet).getByRole('button', { name: 'Corin Saltmarsh is helped' }).click();
  await expect(helpOn(page)).not.toContainText('Corin', { timeout: PUSHED });
  await expect(corin.getByRole('button', { name: 'I need help' })).toBeVisible({ timeout: PUSHED });

  // One runs short: how much is lacking, what would help, and that it was done.
  await card(page, 'Emrys').click();
  await panel(page).getByRole('tab', { name: 'Will it last?' }).click();
  for (const end of ['1', '2']) {
    const field = panel(page).getByRole('textbox', { name: new RegExp(`Left of Working end ${end}`) });
    await field.fill('12 cm');
    await field.press('Enter');
  }
  await expect(panel(page).getByText(/^No: it lacks/)).toBeVisible();
  await panel(page).getByRole('button', { name: 'This is done: Join in new cord' }).click();
  await expect(panel(page).getByRole('button', { name: 'This is done: Join in new cord' })).toHaveText('Noted');
  await press(page, 'Close');

  // One finishes: its page asks for the station, the bench calls it and lets it go.
  const ready = hild.getByRole('button', { name: 'I am ready for the station' });
  const looked = hild.getByRole('heading', { name: 'Stop and look' });
  let hasLooked = false;
  for (let i = 0; i < 12 && !(await ready.isVisible()); i++) {
    hasLooked ||= await looked.isVisible();
    await hild.getByRole('button', { name: 'Next' }).click();
  }
  expect(hasLooked, 'is tried on before the ends').toBe(true);
  await hild.getByRole('button', { name: 'I am ready for the station' }).click();
  const station = tablet.getByRole('region', { name: 'The station' });
  await station.getByRole('button', { name: 'Hild Cockle comes to the station' }).click({ timeout: PUSHED });
  await station.getByRole('button', { name: 'Hild Cockle is done' }).click();
  await expect(card(page, 'Hild')).toHaveAccessibleName(/done at \d\d:\d\d/, { timeout: PUSHED });

  // One goes home with it unfinished, on a card that says where it is.
  await card(page, 'Gwil').click();
  await press(page, 'Takes it home');
  await expect(card(tablet, 'Gwil')).toHaveAccessibleName(/goes on at home/, { timeout: PUSHED });
  await panel(page)
    .getByRole('link', { name: /A card that says where it is/ })
    .click();
  await expect(page.getByText(/You have made 5 of 26 half knots/)).toBeVisible();
  await expect(page.getByText(/Next: the race blue strand on the right leads/)).toBeVisible();

  // The clock agrees: who is done or gone is not waited for, and what is left is counted the same on both.
  await open(page, `${path}/bench`);
  await expect(page.getByRole('status').filter({ hasText: /of 8 done/ })).toContainText('1 of 8 done', {
    timeout: PUSHED,
  });
  const left = (bench: Page) => bench.getByRole('timer').textContent();
  expect(await left(page)).toBe(await left(tablet));
  await expect(page.getByRole('status').filter({ hasText: /of 8 done/ })).not.toContainText('Gwil');
});

test('what is pressed without a network is kept, over a closed page too, and reaches the others once and in order', async ({
  page,
  context,
  watch,
}) => {
  watch.serverMayBeAway = true;
  await open(page, '/');
  const id = await makeSession(
    page,
    'Net loft',
    [guest('Ada Quoin', 'sheathed-4', 'race'), guest('Bo Trow', 'sheathed-4', 'race')],
    HELD,
  );
  await open(page, `/sessions/${id}/bench`);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('live')).toBeVisible();
  await page.route('**/api/bench/**', (route) => route.abort());
  await card(page, 'Ada').click();
  for (const by of ['+5', '+5', '+1', '−1', '+10']) await press(page, by);
  await press(page, 'Asks for help');
  await expect(card(page, 'Ada')).toHaveAccessibleName(/20 of \d+ half knots asks for help/);
  await expect(page.getByText(/no connection, 6 kept here/)).toBeVisible();
  await page.close();

  const again = await context.newPage();
  await open(again, `/sessions/${id}/bench`);
  await expect(card(again, 'Ada')).toHaveAccessibleName(/20 of \d+ half knots asks for help/);
  const stored = async (): Promise<unknown> => {
    const { entries } = (await (await again.request.get(`/api/bench/${id}`)).json()) as {
      entries: { what: string; value: number | null }[];
    };
    return entries.map(({ what, value }) => value ?? what);
  };
  await expect.poll(stored).toEqual(['begin', 5, 5, 1, -1, 10, 'help']);
  // Undo takes back what was pressed, on every screen.
  await card(again, 'Ada').click();
  await again.getByRole('button', { name: 'Take back: asks for help' }).click();
  await expect(card(again, 'Ada')).not.toHaveAccessibleName(/asks for help/);
});

test('a seat’s page goes on without a network, survives a reload there, and tells the bench once it is back', async ({
  page,
  browser,
}) => {
  await openBench(page);
  const phone = await phoneOf(browser, page, 'Fenella Reach');
  const made = phone.getByText(/of 23 half knots/);
  await expect(made).toHaveText('10 of 23 half knots');
  // The phone has kept the page once its worker has all of it, and the page itself last.
  const isKept = () =>
    phone.evaluate(
      async () =>
        navigator.serviceWorker.controller !== null &&
        (await (await caches.open('seat')).keys()).some(({ url }) => url === location.href),
    );
  await expect.poll(isKept, { timeout: 20_000 }).toBe(true);
  await phone.context().setOffline(true);
  await phone.getByRole('button', { name: 'Tied' }).click();
  await phone.getByRole('button', { name: 'Tied' }).click();
  await expect(made).toHaveText('12 of 23 half knots');
  await phone.reload();
  await ready(phone);
  await expect(made).toHaveText('12 of 23 half knots');
  await expect(phone.getByText('No network: go on, it is kept here.')).toBeVisible({ timeout: PUSHED });
  await phone.context().setOffline(false);
  await expect(card(page, 'Fenella')).toHaveAccessibleName(/12 of 23/, { timeout: PUSHED });
});

test('somebody walks in, is seated at a table, and every screen has them; who did not come is not waited for', async ({
  page,
  context,
}) => {
  await open(page, '/');
  const id = await makeSession(
    page,
    'Walk-in wharf',
    [guest('Ada Quoin', 'sheathed-4', 'race'), guest('Bo Trow', 'sheathed-4', 'race')],
    HELD,
  );
  await open(page, `/sessions/${id}/bench`);
  const other = await context.newPage();
  await open(other, `/sessions/${id}/bench`);
  await page.getByRole('button', { name: 'Walk-in' }).click();
  const form = page.getByRole('form', { name: 'Somebody who walked in' });
  await form.getByRole('button', { name: 'Seat them' }).click();
  await expect(form.getByRole('alert')).toHaveText('Who is it? Write a name.');
  await form.getByLabel('Name').fill('Cy Strand');
  await form.getByRole('textbox', { name: 'Wrist' }).fill('15.8');
  await form.getByLabel('Makes').selectOption({ label: '1 Ada Quoin: Buckle band' });
  await form.getByRole('button', { name: 'Seat them' }).click();
  await expect(card(other, 'Cy Strand')).toHaveAccessibleName(/0 of \d+ half knots/, { timeout: PUSHED });
  await card(other, 'Cy').click();
  await other.getByRole('region', { name: 'Table' }).getByRole('button', { name: '2', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Table 2' }).getByRole('button')).toHaveAccessibleName(/Cy Strand/);
  await press(other, 'Close');
  await card(page, 'Bo').click();
  await press(page, 'Did not come');
  await expect(card(other, 'Bo')).toHaveAccessibleName(/did not come/, { timeout: PUSHED });
});
