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
