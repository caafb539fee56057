import type { Request } from '@playwright/test';
import { axe, expect, guest, makeSession, open, receive, saved, saveLine, test } from './fixture';

const ada = guest('Ada Quoin', 'sheathed-4', 'race');

test('two tabs keep what is not saved each for itself, and one that closed leaves it to the next', async ({
  page,
  context,
  watch,
}) => {
  watch.serverMayBeAway = true;
  await open(page, '/');
  const id = await makeSession(page, 'Two tabs', [ada, guest('Bo Trow', 'sheathed-4', 'race')]);
  await open(page, `/sessions/${id}/fit`);
  await page.route('**/api/seats/*', (route) => route.abort());
  await page.getByRole('textbox', { name: 'Wrist of Ada Quoin' }).fill('19.1 cm');
  await page.keyboard.press('Enter');
  await expect(saveLine(page)).toHaveAttribute('data-save', 'away');

  // A second tab, which saves what it does: the first one's edit stays its own.
  const other = await context.newPage();
  await open(other, `/sessions/${id}/fit`);
  await expect(other.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('16.5 cm');
  await other.getByRole('textbox', { name: 'Wrist of Bo Trow' }).fill('17.3 cm');
  await other.keyboard.press('Enter');
  await saved(other);
  const kept = () =>
    other.evaluate(() => Object.entries({ ...localStorage }).filter(([key]) => key.startsWith('lapboard:unsaved:')));
  expect(JSON.stringify(await kept())).toContain('191');

  // The first tab is closed without being saved; whoever opens the session next has it.
  await page.close({ runBeforeUnload: false });
  await other.reload();
  await expect(other.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('19.1 cm');
  await expect(other.getByRole('textbox', { name: 'Wrist of Bo Trow' })).toHaveValue('17.3 cm');
  await saved(other);
  expect(await kept()).toEqual([]);
});

test('an edit whose answer is lost is sent again and is no conflict; a whole choice is one request', async ({
  page,
  watch,
}) => {
  watch.serverMayBeAway = true;
  await open(page, '/');
  const names = ['Ada', 'Bo', 'Cy', 'Di'];
  const id = await makeSession(
    page,
    'Lost answer',
    names.map((name) => ({ name, wrist_mm: 165, wrist_method: 'estimate' })),
  );
  await open(page, `/sessions/${id}/seats`);
  const sent: string[] = [];
  const count = (request: Request) => {
    if (request.method() !== 'GET') sent.push(`${request.method()} ${new URL(request.url()).pathname}`);
  };
  page.on('request', count);
  // The server stores it; its answer does not arrive.
  await page.route(
    '**/api/sessions/*/seats',
    async (route) => {
      await route.fetch();
      await route.abort();
    },
    { times: 1 },
  );
  await page.getByLabel(/without a project: give them/).selectOption({ label: 'Buckle band' });
  await saved(page);
  await expect(page.getByText(/not saved/)).toHaveCount(0);
  expect(sent).toEqual([`PATCH /api/sessions/${id}/seats`, `PATCH /api/sessions/${id}/seats`]);
  await page.reload();
  for (const name of names) await expect(page.getByLabel(`Project of ${name}`)).toHaveValue('band-buckle');
  // Taken back, it is one step.
  await open(page, `/sessions/${id}/fit`);
  await page.getByRole('button', { name: 'Cut from them all the same' }).click();
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(page.getByText('4 seats still on estimates.')).toBeVisible();
  await saved(page);
});

test('what is typed while the composer saves stays, and is saved next', async ({ page }) => {
  await open(page, '/composer/band-buckle');
  await page.getByLabel('Name of the project').fill('Weir band');
  await page.keyboard.press('Enter');
  await page.route(
    '**/api/projects',
    async (route) => {
      const answer = await route.fetch();
      await new Promise((done) => setTimeout(done, 800));
      await route.fulfill({ response: answer });
    },
    { times: 1 },
  );
  await page.getByRole('button', { name: 'Save the project' }).click();
  await expect(page.getByRole('button', { name: 'Saving…' })).toBeDisabled();
  await page.getByLabel('What it is, in a sentence').fill('Tied at the weir.');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Saved as revision 1' })).toBeVisible();
  await expect(page.getByLabel('What it is, in a sentence')).toHaveValue('Tied at the weir.');
  await page.getByRole('button', { name: 'Save the project' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Saved as revision 2' })).toBeVisible();
  const slug = new URL(page.url()).pathname.split('/').at(-1)!;
  const stored = (await (await page.request.get(`/api/projects/${slug}`)).json()) as { name: string; summary: string };
  expect(stored).toMatchObject({ name: 'Weir band', summary: 'Tied at the weir.' });
});

test('the cutting lanes go by the keyboard: tabs by arrows, a length chosen, locked and moved; small ones are proved at once', async ({
  page,
}) => {
  await open(page, '/');
  await receive(page, 'cord/sheathed-3/race', 'spool', [6400, 9000]);
  const id = await makeSession(page, 'By keys', [
    guest('Ada Quoin', 'sheathed-3', 'race'),
    guest('Bo Trow', 'sheathed-3', 'race'),
  ]);
  await open(page, `/sessions/${id}/cut`);
  await page.getByRole('tab', { name: 'Lengths' }).focus();
  await expect(page.getByRole('tabpanel', { name: 'Lengths' })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('tab', { name: 'From the shelf' })).toBeFocused();
  await expect(page.getByRole('tabpanel', { name: 'From the shelf' })).toBeVisible();
  await expect(page.getByText('no plan opens less.')).toBeVisible();
  const box = page.locator('[data-lane] button').first();
  await box.focus();
  await page.keyboard.press('Enter');
  await expect(box).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Lock here' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: /, locked$/ })).toHaveCount(1);
  expect(await axe(page)).toEqual([]);
  // Back by the keyboard, the panel is the other one.
  await page.getByRole('tab', { name: 'From the shelf' }).focus();
  await page.keyboard.press('Home');
  await expect(page.getByRole('tabpanel', { name: 'Lengths' })).toBeVisible();
});

test('laying out that is stopped starts nothing more, nor does it go on after one has left', async ({ page }) => {
  test.slow();
  await open(page, '/');
  const colours = ['race', 'sail', 'heron', 'night'];
  // Many lengths of several cords: long enough to be stopped while some still wait.
  const seats = colours.flatMap((colour) =>
    Array.from({ length: 60 }, (_, i) => ({
      ...guest(`${colour} ${i}`, 'sheathed-2', colour),
      wrist_mm: 120 + ((i * 37) % 110),
    })),
  );
  for (const colour of colours)
    await receive(
      page,
      `cord/sheathed-2/${colour}`,
      'spool',
      Array.from({ length: 30 }, (_, i) => 2500 + ((i * 7919) % 24_000)),
    );
  const id = await makeSession(page, 'Stopped', seats);
  await page.addInitScript(() => {
    const Own = window.Worker;
    Object.assign(window, { started: 0 });
    window.Worker = class extends Own {
      constructor(...args: ConstructorParameters<typeof Worker>) {
        super(...args);
        (window as unknown as { started: number }).started += 1;
      }
    };
  });
  const started = () => page.evaluate(() => (window as unknown as { started: number }).started);
  await open(page, `/sessions/${id}/cut`);
  await page.getByRole('tab', { name: 'From the shelf' }).click();
  await expect(page.getByText(/Best so far/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Stop here' }).click();
  await expect(page.getByRole('button', { name: 'Lay out again' })).toBeVisible();
  const before = await started();
  expect(before).toBeLessThan(colours.length);
  await page.waitForTimeout(1500);
  expect(await started()).toBe(before);

  await page.getByRole('button', { name: 'Lay out again' }).click();
  await expect(page.getByText(/Best so far/).first()).toBeVisible();
  await page.getByRole('tab', { name: 'Lengths' }).click();
  const left = await started();
  await page.waitForTimeout(1500);
  expect(await started()).toBe(left);
});

test('a studio that changes a figure tells the sessions that are not cut, and leaves those that are', async ({
  page,
}) => {
  await open(page, '/');
  const open_ = await makeSession(page, 'Not cut', [ada]);
  const cut = await makeSession(page, 'Is cut', [{ ...ada, name: 'Bo Trow' }]);
  await open(page, `/sessions/${cut}/cut`);
  await page.getByLabel('All of this is cut').check();
  await saved(page);
  const length = page
    .getByRole('row', { name: /Bo Trow/ })
    .locator('.num')
    .nth(1);
  const before = await length.textContent();

  await open(page, '/settings');
  const field = page.getByLabel('Tail to hold, new', { exact: true });
  const was = await field.inputValue();
  const set = async (value: string) => {
    await field.fill(value);
    await page.getByRole('button', { name: 'Save the settings' }).click();
    await expect(page.getByText(/^Saved\./)).toBeVisible();
  };
  await set(String(Number(was) + 60));
  try {
    await open(page, `/sessions/${cut}/cut`);
    expect(await length.textContent()).toBe(before);
    await expect(page.getByLabel('All of this is cut')).toBeChecked();
    await open(page, `/sessions/${open_}/fit`);
    const note = page.getByRole('region', { name: 'What changed in the studio' });
    await expect(note).toContainText(`${was}, now ${Number(was) + 60}`);
    await expect(note).toContainText('Ada Quoin: ');
    expect(await axe(page)).toEqual([]);
    await note.getByRole('button', { name: 'Noted' }).click();
    await expect(note).toHaveCount(0);
    await page.reload();
    await expect(note).toHaveCount(0);
  } finally {
    await open(page, '/settings');
    await set(was);
  }
});

test('one more seat of a known name asks who it is', async ({ page }) => {
  await open(page, '/');
  await makeSession(page, 'Knew her', [{ ...ada, name: 'Isolde Marl', age: 12 }]);
  const id = await makeSession(page, 'Knows her', [ada]);
  await open(page, `/sessions/${id}/seats`);
  await page.getByLabel('One more seat').fill('isolde marl');
  await page.keyboard.press('Enter');
  const who = page.getByRole('group', { name: 'Who isolde marl is' });
  await expect(who).toContainText('Known: 12 years, wrist 16.5 cm');
  await who.getByRole('button', { name: 'Somebody new' }).click();
  await saved(page);
  // Seated as new, and the same after all.
  await page.getByLabel('Name, seat 2').focus();
  await page.keyboard.press('Escape');
  await page.keyboard.press('[');
  const tray = page.getByRole('complementary', { name: 'Seat of isolde marl' });
  await tray.getByRole('button', { name: 'It is the same person' }).click();
  await saved(page);
  await expect(page.getByLabel('Age of Isolde Marl')).toHaveValue(/^1\d$/);
});
