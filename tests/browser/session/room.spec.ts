import { axe, expect, makeSession, open, saved, test } from '../fixture';

const roomful = Array.from({ length: 8 }, (_, i) => ({
  name: `Maker ${'ABCDEFGH'[i]}`,
  age: 30,
  skill: 'new',
  wrist_mm: 160 + i,
  wrist_method: 'tape',
  project: 'band-buckle',
}));

test('the room says who will not finish, and what would help is done by one press and taken back', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Short hour', roomful);
  await open(page, `/sessions/${id}/seats`);
  // Nobody said how long there is: the room asks.
  await page.getByRole('link', { name: 'The room' }).click();
  await expect(page.getByText('How long is the session?')).toBeVisible();
  await page.getByLabel('Minutes of the room').fill('40');
  await page.getByLabel('Minutes of the room').press('Enter');
  await expect(page.getByText(/^About .+ of eight finish by 40 min/)).toBeVisible();
  await page.getByLabel('Starts at').fill('10:15');
  await page.getByLabel('Who leads it').fill('Morwen Tidy');
  await page.getByLabel('Who leads it').press('Enter');
  await expect(page.getByText(/of eight finish by 10:55/)).toBeVisible();
  await saved(page);

  await page.getByRole('link', { name: /Seats/ }).click();
  await expect(page.getByText(/of eight will probably not finish/)).toBeVisible();
  // At the kits it is time to have asked the venue.
  await page.getByRole('link', { name: /4 Kit/ }).click();
  await expect(page.getByText(/eight finish with heat, and nobody has confirmed the venue’s fire rules/)).toBeVisible();
  await page.getByRole('link', { name: 'see the room' }).click();
  await page.getByRole('button', { name: 'Try what would help' }).click();
  const longer = page.getByRole('button', { name: 'Do it: 30 minutes more, until 70 minutes' });
  await longer.click({ timeout: 20_000 });
  await expect(page.getByText(/^About eight of eight finish by 11:25/)).toBeVisible();
  await expect(page.getByText('The session has changed since.')).toBeHidden();
  await saved(page);
  await page.getByLabel('Venue’s fire rules confirmed by').fill('Morwen Tidy');
  await page.getByLabel('Venue’s fire rules confirmed by').press('Enter');
  await saved(page);
  // Nothing is left to ask: the stages say that too, in the same place.
  await page.getByRole('link', { name: /4 Kit/ }).click();
  await expect(page.getByText('Everyone will probably finish')).toBeVisible();
  await page.getByRole('link', { name: 'see the room' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/of eight finish by 10:55/)).toBeVisible();
  // What the picture shows is also a table.
  await page.getByText('The same as a table').click();
  await expect(page.getByRole('table', { name: /^When each seat/ }).getByRole('row')).toHaveCount(9);
  await saved(page);
  await open(page, `/sessions/${id}/room`);
  await expect(page.getByLabel('Who leads it')).toHaveValue('Morwen Tidy');
});

test('trying what would help can be stopped', async ({ page }) => {
  await open(page, '/');
  const many = Array.from({ length: 40 }, (_, i) => ({ ...roomful[i % 8]!, name: `Maker ${i}` }));
  const id = await makeSession(page, 'Full hall', many);
  await open(page, `/sessions/${id}/room`);
  await page.getByLabel('Minutes of the room').fill('60');
  await page.getByLabel('Minutes of the room').press('Enter');
  await page.getByRole('button', { name: 'Try what would help' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Try what would help' })).toBeVisible();
  await saved(page);
});

test('charts are drawn under the page’s policy in the theme’s tones, and the room keeps to WCAG on a phone', async ({
  page,
}) => {
  // That of the demo which is under way.
  await open(page, '/sessions');
  const href = (await page.getByRole('link', { name: 'Sluice house lunch hour' }).getAttribute('href'))!;
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, href.replace(/[^/]+$/, 'room'));
  await page.getByText('Done by when, and the queue over time').click();
  const chart = page.getByRole('img', { name: /^How many of 8 are done by when/ });
  const line = chart.locator('path.apexcharts-line').first();
  await expect(line).toBeVisible({ timeout: 15_000 });
  const tone = () => line.getAttribute('stroke');
  const linen = await tone();
  // On a phone it is among what can be done from anywhere.
  await page.getByRole('button', { name: 'Find' }).click();
  await page.getByRole('combobox', { name: 'Find anything' }).fill('dark theme');
  await page.keyboard.press('Enter');
  await expect.poll(tone).not.toBe(linen);
  await expect(page.getByRole('table', { name: /^Done and waiting/ })).toBeVisible();
  expect(await axe(page)).toEqual([]);
  // The rail is a bar at the foot, and nothing is wider than the page.
  const rail = (await page.getByRole('navigation', { name: 'Lapboard' }).boundingBox())!;
  expect(rail.y + rail.height).toBeCloseTo(844, 0);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await saved(page);
});
