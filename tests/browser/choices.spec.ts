import type { Page } from '@playwright/test';
import { expect, makeSession, open, saved, test } from './fixture';

const made = { wrist_mm: 170, wrist_method: 'tape', age: 30, skill: 'steady' };

/** Opens the tray of a seat on the Fit stage. */
async function trayOf(page: Page, session: string, name: string) {
  await open(page, `/sessions/${session}/fit`);
  await page
    .getByRole('row', { name: new RegExp(name) })
    .getByRole('button')
    .first()
    .click();
  const tray = page.getByRole('complementary', { name: `Seat of ${name}` });
  await expect(tray).toBeVisible();
  /** A choice is made as by hand: its options are there once it is touched. */
  const choose = async (label: string, option: string) => {
    await tray.getByLabel(label, { exact: true }).focus();
    await tray.getByLabel(label, { exact: true }).selectOption({ label: option });
    await saved(page);
  };
  /** Lengths of the seat's cuts, cm. */
  const cuts = async () => {
    const words = await tray.locator('section', { hasText: /^Cut/ }).locator('p > strong').allInnerTexts();
    return words.map((text) => Number.parseFloat(text) * (/ m$/.test(text) ? 100 : 1));
  };
  return { tray, choose, cuts };
}

test('a fob: its loop, its length and what it hangs on follow the choice, and a child’s neck loop opens', async ({
  page,
}) => {
  await open(page, '/');
  const id = await makeSession(page, 'Fobs', [{ name: 'Isla Wharf', age: 9, skill: 'new', project: 'fob-ring' }]);
  const { tray, choose, cuts } = await trayOf(page, id, 'Isla Wharf');
  const [finger] = await cuts();
  await choose('Carry loop', 'neck loop');
  await expect(tray.getByText(/\d+ years old: a neck loop below \d+ needs a breakaway connector/)).toBeVisible();
  await expect(tray.getByText('1 × Breakaway connector')).toBeVisible();
  const [neck] = await cuts();
  expect(neck!).toBeGreaterThan(finger! + 30);
  await choose('Carry loop', 'finger loop');
  await expect(tray.getByText('1 × Breakaway connector')).toHaveCount(0);
  expect(await cuts()).toEqual([finger]);

  const length = tray.getByRole('textbox', { name: 'Band length' });
  await length.fill('5 in');
  await page.keyboard.press('Enter');
  await saved(page);
  await expect(length).toHaveValue('12.7 cm');
  expect((await cuts())[0]!).toBeGreaterThan(finger! + 10);
  await length.fill('3 m');
  await page.keyboard.press('Enter');
  await expect(tray.getByText(/A band is between 2\.0 cm and 100\.0 cm/)).toBeVisible();

  await choose('Hardware', 'Swivel 8 mm');
  await expect(tray.getByText('1 × Swivel 8 mm')).toBeVisible();
  // No flame is offered to a child, so there is nothing to choose about the ends.
  await expect(tray.getByLabel('Ends')).toHaveCount(0);
});

test('what clashes is said with what would do, and taking that clears it', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Clash', [{ name: 'Jory Pike', project: 'band-buckle', ...made }]);
  const { tray, choose, cuts } = await trayOf(page, id, 'Jory Pike');
  const before = await cuts();
  await choose('Hardware', 'Buckle 10 mm');
  await expect(tray.getByRole('list').first()).toContainText('Put right:');
  const advice = /Buckle 10 mm: opening .* (Buckle \d\d mm) \([^)]*\) takes them/.exec(await tray.innerText())![1]!;
  await expect(
    page
      .getByRole('row', { name: /Jory Pike/ })
      .getByRole('button')
      .first(),
  ).toHaveAccessibleName(/needs a decision/);
  await choose('Hardware', advice);
  await expect(tray.getByText('Put right:')).toHaveCount(0);
  await choose('Hardware', 'Buckle 15 mm');
  expect(await cuts()).toEqual(before);
  // A grown person may fuse the ends, or not.
  await choose('Ends', 'tucked, no flame');
  await expect(tray.getByText(/At the table: .*needle/)).toBeVisible();
  await choose('Ends', 'fused');
  await expect(tray.getByText(/At the table: .*small lighter/)).toBeVisible();
});

test('colours, wraps, beads and changing places reach fit, cut and picture', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Choices', [
    { name: 'Ken Slip', project: 'ladder-wrap', ...made },
    { name: 'Lou Brae', project: 'class-band-bead', ...made },
    { name: 'Mab Tor', project: 'band-buckle', ...made },
  ]);
  const ladder = await trayOf(page, id, 'Ken Slip');
  const beads = async () =>
    Number(
      /(\d+) × (?:Round|Glass) bead/.exec(
        await ladder.tray.locator('section', { hasText: 'In the bag' }).innerText(),
      )![1],
    );
  const once = await beads();
  await ladder.choose('Times round', '2');
  await expect(ladder.tray.getByText('2 times round')).toBeVisible();
  // Twice round, each wrap on the last: more than twice the beads.
  expect(await beads()).toBeGreaterThan(2 * once);
  const size = ladder.tray.getByRole('textbox', { name: 'Bead size, mm' });
  await size.fill('8');
  await page.keyboard.press('Enter');
  await saved(page);
  expect(await beads()).toBeLessThan(2 * once);
  await expect(ladder.tray.getByText(/× Glass bead 8 mm/)).toBeVisible();
  await size.fill('900');
  await page.keyboard.press('Enter');
  await expect(ladder.tray.getByText(/2 to 40/)).toBeVisible();

  const classBand = await trayOf(page, id, 'Lou Brae');
  const swapped = Math.max(...(await classBand.cuts()));
  await classBand.tray.getByLabel('Legs change places half-way').uncheck();
  await saved(page);
  const straight = Math.max(...(await classBand.cuts()));
  // Each cord has a leg that works and one that runs through: changed or not, it is as long.
  expect(straight).toBe(swapped);
  await expect(classBand.tray.getByText(/the longest cut no shorter/)).toBeVisible();

  const band = await trayOf(page, id, 'Mab Tor');
  await band.choose('Colours', '2');
  await band.choose('Colour 2', 'Tan sail');
  expect(await band.cuts()).toHaveLength(2);
  await expect(band.tray.getByText(/1 × whole, Tan sail/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('row', { name: /Mab Tor/ })).toBeVisible();
  await open(page, `/sessions/${id}/cut`);
  // Its two halves in two groups of the cut list, a colour each.
  await expect(page.getByRole('row', { name: /Mab Tor/ })).toHaveCount(2);
});

test('the session by every school, the risk slid, and cuts in fewer sizes', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(
    page,
    'Schools',
    [150, 160, 170, 180].map((wrist_mm, i) => ({
      name: `Guest ${i}`,
      age: 30,
      wrist_mm,
      wrist_method: 'tape',
      project: 'band-buckle',
    })),
  );
  await open(page, `/sessions/${id}/cut`);
  await page.getByText('By another school, or at another risk').click();
  const schools = page.getByRole('table', { name: 'The session cut by each school' });
  await expect(schools.getByRole('row')).toHaveCount(6);
  const before = await page.getByRole('row', { name: /Guest 0/ }).innerText();
  await schools.getByRole('radio', { name: /Try on/ }).check();
  await saved(page);
  await expect(page.getByRole('row', { name: /Guest 0/ })).not.toHaveText(before);
  await schools.getByRole('radio', { name: /Measured/ }).check();
  await saved(page);
  const slider = page.getByRole('slider', { name: 'How rarely a piece may run short' });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText('About 1 in 2 would run short.')).toBeVisible();
  await expect(page.getByText(/This session would take .* less cord/)).toBeVisible();
  await page.getByRole('button', { name: /in fewer sizes$/ }).click();
  await page.getByRole('radio', { name: '1', exact: true }).first().check();
  await expect(page.getByRole('list', { name: 'Cut in 1 sizes' })).toContainText('4 ×');
});
