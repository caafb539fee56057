import { expect, guest, makeSession, open, saved, test } from '../fixture';

test('a studio of another region has its days, decimals and money everywhere, and types them so', async ({ page }) => {
  const choose = async (region: string) => {
    await open(page, '/settings');
    await page.getByLabel('Days and numbers as in').selectOption(region);
    await page.getByRole('button', { name: 'Save the settings' }).click();
    // Written anew.
    await expect(page.locator(`meta[name="region"][content*='"tag":"${region}"']`)).toHaveCount(1, { timeout: 20_000 });
  };
  await open(page, '/');
  const id = await makeSession(page, 'Anderswo', [guest('Ada Quoin', 'satin-2', 'race')], '2031-12-01');
  try {
    await choose('de-DE');
    await open(page, `/sessions/${id}/cut`);
    await expect(page.getByRole('row', { name: /Ada Quoin/ })).toContainText(/\d+,\d cm/);
    await expect(page.getByLabel('Day')).toHaveValue('Mo. 1. Dez. 2031');
    await page.getByLabel('Day').fill('in 2 wochen um 18.30 uhr');
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Start')).toHaveValue('18:30');
    await saved(page);
    await page.getByLabel('Day').fill('nächstens');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert')).toContainText('“nächstens” is not read as a day or an hour');
    await page.keyboard.press('Escape');
    await open(page, '/shelf?view=outlook');
    await expect(page.getByText(/buying them costs [\d.]+,\d\d €/)).toBeVisible();
    await open(page, '/settings');
    await page.getByLabel('Closed hand, when not measured', { exact: true }).fill('1,25');
    await page.getByRole('button', { name: 'Save the settings' }).click();
    await expect(page.getByText('Saved.')).toBeVisible();
    await expect(page.getByLabel('Closed hand, when not measured', { exact: true })).toHaveValue('1,25');
    await page.getByRole('button', { name: 'Set Closed hand, when not measured back to 1,22' }).click();
  } finally {
    await choose('en-IE');
  }
});
