import { expect, guest, makeSession, open, test } from '../fixture';
import { card, phoneOf, press } from '../support/bench';

/** What is pushed is there before a screen asks by itself, every 45 s, milliseconds. */
const PUSHED = 25_000;

test('an answer that comes late does not take a seat’s page back a step', async ({ page, browser }) => {
  const today = new Date().toISOString().slice(0, 10);
  await open(page, '/');
  const id = await makeSession(page, 'Late answers', [guest('Ada Quoin', 'sheathed-4', 'race')], today);
  await open(page, `/sessions/${id}/bench`);
  await page.getByRole('button', { name: 'Begin' }).click();
  const phone = await phoneOf(browser, page, 'Ada Quoin');
  const steps = phone.getByRole('progressbar');
  // What the bench answers before the press is held back until after it.
  let release = (): void => undefined;
  const held = new Promise<void>((go) => (release = go));
  const isHeld = new Promise<void>((asked) => {
    void phone.route('**/api/s/*', async (route) => {
      if (route.request().method() !== 'GET') return route.continue();
      const answer = await route.fetch();
      asked();
      await held;
      await route.fulfill({ response: answer });
    });
  });
  await isHeld;
  const stored = phone.waitForResponse((answer) => answer.request().method() === 'POST');
  await phone.getByRole('button', { name: 'Next' }).click();
  await stored;
  await expect(steps).toHaveAttribute('value', '2');
  const late = phone.waitForResponse(
    (answer) => answer.request().method() === 'GET' && answer.url().includes('/api/s/'),
  );
  release();
  await late;
  await phone.waitForTimeout(500);
  // Looked at once: the next answer would put it right.
  expect(await steps.getAttribute('value')).toBe('2');
});

test('a band is made longer at its own page, after its cord was measured, and stopped early: bench and page follow', async ({
  page,
  browser,
}) => {
  // A seat’s own page opens on the day of its session.
  const today = new Date().toISOString().slice(0, 10);
  await open(page, '/');
  const id = await makeSession(page, 'Lengths', [guest('Ada Quoin', 'sheathed-4', 'race')], today);
  await open(page, `/sessions/${id}/bench`);
  await page.getByRole('button', { name: 'Begin' }).click();
  const planned = Number(/of (\d+) half knots/.exec((await card(page, 'Ada').textContent())!)![1]);
  const phone = await phoneOf(browser, page, 'Ada Quoin');
  const length = phone.getByRole('region', { name: 'Length' });
  const next = phone.getByRole('button', { name: 'Next' });
  await expect(next).toBeVisible();
  const steps = phone.getByRole('progressbar');
  for (let step = 2; !(await length.isVisible()); step++) {
    await next.click();
    await expect(steps).toHaveAttribute('value', String(step));
  }
  await length.getByRole('button', { name: 'Too short: 1 half knot more' }).click();
  const end = length.getByRole('textbox', { name: 'Shortest end' });
  await end.fill('5 cm');
  await end.press('Enter');
  await expect(length.getByRole('alert')).toContainText('Too short for that');
  await expect(length.getByRole('button', { name: /^It is long enough/ })).toBeDisabled();
  await end.fill('300 cm');
  await end.press('Enter');
  await length.getByRole('button', { name: /^It is long enough/ }).click();
  await expect(length.getByRole('status')).toHaveText('1 × 1 half knot more than planned.', { timeout: PUSHED });
  await expect(card(page, 'Ada')).toHaveAccessibleName(new RegExp(`of ${planned + 1} half knots`), { timeout: PUSHED });
  await card(page, 'Ada').click();
  // At the bench it is ten short of the plan, and long enough.
  for (const by of ['+10', '+5']) await press(page, by);
  await press(page, 'Stop here');
  await expect(card(page, 'Ada')).toHaveAccessibleName(/15 of 15 half knots/);
  await expect(length.getByRole('status')).toHaveText(`${planned - 15} × 1 half knot fewer than planned.`, {
    timeout: PUSHED,
  });
  await page.getByRole('button', { name: 'Take back: length changed' }).click();
  await expect(card(page, 'Ada')).toHaveAccessibleName(new RegExp(`15 of ${planned + 1} half knots`));
});
