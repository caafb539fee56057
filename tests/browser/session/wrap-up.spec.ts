import { cluster } from '../../../scripts/lib/postgres.mjs';
import { axe, expect, guest, makeSession, open, saved, saveLine, test } from '../fixture';
import { hands } from '../support/hands';
import { served } from '../support/served';

/** Long ago: sessions ahead are looked at elsewhere. */
const HELD = '2025-02-03';
const NAMES = ['Ada', 'Bo', 'Cy', 'Dot', 'Eli', 'Fay', 'Gus', 'Hal', 'Ivy', 'Jo', 'Kit', 'Lou'].map(
  (n) => `${n} Weirly`,
);

test('twelve seats’ leftovers are typed down a column in under a minute, and none is lost while the database is away', async ({
  page,
  watch,
}) => {
  test.setTimeout(120_000);
  watch.serverMayBeAway = true;
  await open(page, '/');
  const id = await makeSession(
    page,
    'Typed',
    NAMES.map((name) => guest(name, 'satin-2', 'race')),
    HELD,
  );
  await open(page, `/sessions/${id}/wrap-up`);
  const leftOf = (name: string) => page.getByRole('textbox', { name: `Left of ${name}’s cord` });
  const person = hands(page);
  // The key of the stage leads to it; the next tab is its first field.
  await page.locator('body').press('6');
  await person.to(leftOf(NAMES[0]!));
  const postgres = cluster(served.cluster, 0, ['-c', 'fsync=off']);
  try {
    for (const [i, name] of NAMES.entries()) {
      if (i === 6) postgres.stop('immediate');
      await expect(leftOf(name)).toBeFocused();
      await person.enter(i === 4 ? 'short' : `${12 + i};${9 + i}`);
      if (i === 8) await expect(saveLine(page)).toContainText('What you typed is kept here', { timeout: 20_000 });
    }
    expect(person.reckoned().seconds).toBeLessThan(60);
    for (const [i, name] of NAMES.entries())
      await expect(leftOf(name)).toHaveValue(i === 4 ? 'short' : `${12 + i}.0; ${9 + i}.0 cm`);
  } finally {
    await postgres.start();
  }
  await saved(page);
  await page.reload();
  for (const [i, name] of NAMES.entries())
    await expect(leftOf(name)).toHaveValue(i === 4 ? 'short' : `${12 + i}.0; ${9 + i}.0 cm`);
});

test('what can hardly be is asked about and kept; tools are counted in, and the knot ties itself', async ({ page }) => {
  await open(page, '/');
  const id = await makeSession(
    page,
    'Asked',
    [guest('Mo Weirly', 'satin-2', 'race'), guest('Ned Weirly', 'satin-2', 'race')],
    HELD,
  );
  await open(page, `/sessions/${id}/wrap-up`);
  const field = (name: string) => page.getByRole('textbox', { name, exact: true });
  const write = async (name: string, text: string) => {
    await field(name).fill(text);
    await field(name).press('Enter');
  };
  await write('Left of Mo Weirly’s cord', '4 m');
  await expect(page.getByText('More left than was cut')).toBeVisible();
  await write('Left of Mo Weirly’s cord', '12; 10');
  await expect(page.getByText('More left than was cut')).toHaveCount(0);
  await write('How the band of Mo Weirly fits', 'r');
  await expect(field('How the band of Mo Weirly fits')).toHaveValue('right');
  await write('How Mo Weirly finished it', 'x');
  await expect(page.getByRole('alert')).toContainText('One of: flame');
  await write('How Mo Weirly finished it', 'g');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await write('Band of Mo Weirly', '9 m');
  await expect(page.getByText('A band longer than its cord')).toBeVisible();
  await write('Band of Mo Weirly', '');
  const knot = page.getByRole('link', { name: /6 Wrap-up/ });
  await expect(knot).toContainText('To note: Ned Weirly.');
  await page.getByRole('button', { name: 'Nothing to note of the other 1' }).click();
  await expect(knot).toContainText('to count in');
  await field('scissors counted in').fill('0');
  await field('scissors counted in').press('Enter');
  await expect(page.getByText('1 missing')).toBeVisible();
  await page.getByRole('button', { name: 'All are in' }).click();
  await expect(knot).toContainText('1 piece noted, all accounted for.');
  // It can still be corrected, and undone.
  await write('Half knots of Mo Weirly', '27');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(field('Half knots of Mo Weirly')).toHaveValue('');
  await saved(page);
  expect(await axe(page)).toEqual([]);
});
