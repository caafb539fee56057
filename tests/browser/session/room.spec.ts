import { expect, makeSession, open, saved, test } from '../fixture';

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
  await page.getByRole('link', { name: 'see the room' }).click();
  await page.getByRole('button', { name: 'Try what would help' }).click();
  const longer = page.getByRole('button', { name: 'Do it: 30 minutes more, until 70 minutes' });
  await longer.click({ timeout: 20_000 });
  await expect(page.getByText(/^About eight of eight finish by 11:25/)).toBeVisible();
  await expect(page.getByText('The session has changed since.')).toBeHidden();
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
