import { expect, makeSession, open, saved, test } from '../fixture';

const hall = Array.from({ length: 40 }, (_, i) => ({
  name: `Long ${i + 1}`,
  age: 30,
  skill: 'steady',
  wrist_mm: 150 + i,
  wrist_method: 'tape',
  project: 'band-buckle',
}));

test('far down a long list a field is what is written in it until somebody works there', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Long hall', hall);
  await page.goto(`/sessions/${id}/fit`);
  const row = page.getByRole('row', { name: /Long 38/ });
  const wrist = page.getByLabel('Wrist of Long 38', { exact: true });
  await expect(page.getByLabel('Wrist of Long 3', { exact: true })).toHaveValue('15.2 cm');
  await expect(row).toContainText('18.7 cm');
  await expect(wrist).toHaveCount(0);
  const high = (await row.boundingBox())!.height;
  // The wheel brings the fields with the rows, in their place.
  await page.mouse.wheel(0, 2000);
  await expect(wrist).toHaveValue('18.7 cm');
  expect(Math.abs((await row.boundingBox())!.height - high)).toBeLessThan(1.5);
  await wrist.fill('17');
  await wrist.press('Enter');
  await saved(page);
  // At the next stage they are there at once: somebody is at work.
  await page.keyboard.press('Escape');
  await page.locator('body').press('1');
  await expect(page.getByLabel('Skill of Long 38')).toHaveValue('steady');
  await page.goto(`/sessions/${id}/fit`);
  await expect(row).toContainText('17.0 cm');
});

test('somebody who is taken out leaves what is being written in other rows as it is', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(page, 'Hall of fewer', hall);
  await open(page, `/sessions/${id}/seats`);
  await page.getByLabel('Note for Long 11').fill('left-handed');
  await page.getByRole('button', { name: 'Take Long 2 out of the session' }).click();
  await expect(page.getByLabel('Note for Long 2', { exact: true })).toHaveCount(0);
  await expect(page.getByLabel('Note for Long 11')).toHaveValue('left-handed');
  await saved(page);
});

test('whom a long list seats has fields at once: somebody is at work, and is not waited for again', async ({
  page,
}) => {
  await open(page, '/');
  const id = await makeSession(page, 'Hall by a list');
  // What only comes after a rest never comes here: fields are there because of what was touched, or not at all.
  await page.addInitScript(() => {
    const after = window.setTimeout;
    window.setTimeout = ((then: () => void, wait = 0) => (wait < 5000 ? after(then, wait) : 0)) as typeof setTimeout;
  });
  // Nothing is here yet whose fields come late: this page is not touched.
  await open(page, `/sessions/${id}/seats`);
  const names = ['Ebb', 'Silt', 'Race', 'Sluice'].flatMap((of) =>
    ['Arden', 'Bram', 'Cole', 'Dara', 'Enno', 'Fenna'].map((first) => `${first} ${of}mere`),
  );
  await page.getByLabel('List of who is coming').fill(names.map((name, i) => `${name}, ${15 + (i % 4)} cm`).join('\n'));
  await page.getByRole('button', { name: 'Read the list' }).click();
  await page.getByRole('button', { name: 'Seat 24 people' }).click();
  await expect(page.getByLabel('Note for Fenna Sluicemere')).toBeEditable();
  await expect(page.locator('[data-soon]')).toHaveCount(0);
});

test('what is written before the page answers is not lost: a list, and a field that was left already', async ({
  page,
}) => {
  await open(page, '/');
  const [empty, id] = [
    await makeSession(page, 'Typed early'),
    await makeSession(page, 'Fitted early', hall.slice(0, 2)),
  ];
  let answer = (): void => undefined;
  const slow = async () => {
    const held = new Promise<void>((done) => (answer = done));
    await page.route('**/_astro/*.js', async (route) => held.then(() => route.continue()));
  };
  await slow();
  await page.goto(`/sessions/${empty}/seats`, { waitUntil: 'commit' });
  await page.getByLabel('List of who is coming').fill('Tamsin Early, 16 cm\nPell Early, 17 cm');
  answer();
  const seat = page.getByRole('button', { name: 'Seat 2 people' });
  await expect(async () => {
    if (!(await seat.isVisible())) await page.getByRole('button', { name: 'Read the list' }).click({ timeout: 500 });
    await expect(seat).toBeVisible({ timeout: 1500 });
  }).toPass();
  await seat.click();
  await saved(page);

  await slow();
  await page.goto(`/sessions/${id}/fit`, { waitUntil: 'commit' });
  await page.getByLabel('Wrist of Long 1', { exact: true }).fill('19');
  await page.getByLabel('Wrist of Long 2', { exact: true }).fill('18.4');
  answer();
  // The first was left before anybody heard it; in the second somebody still writes.
  await expect(page.getByLabel('Wrist of Long 1', { exact: true })).toHaveValue('19.0 cm');
  await page.getByLabel('Wrist of Long 2', { exact: true }).press('Enter');
  await expect(page.getByLabel('Wrist of Long 2', { exact: true })).toHaveValue('18.4 cm');
  await saved(page);
  await page.unrouteAll();
  await open(page, `/sessions/${id}/fit`);
  await expect(page.getByLabel('Wrist of Long 1', { exact: true })).toHaveValue('19.0 cm');
  await expect(page.getByLabel('Wrist of Long 2', { exact: true })).toHaveValue('18.4 cm');
});
