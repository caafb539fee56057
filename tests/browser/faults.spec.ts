import type { ChildProcess } from 'node:child_process';
import { startServer } from '../../scripts/lib/application.mjs';
import { freePort } from '../../scripts/lib/ports.mjs';
import { cluster } from '../../scripts/lib/postgres.mjs';
import { expect, makeSession, open, saved, saveLine, test } from './fixture';
import { served } from './support/served';

const seat = { name: 'Ada Quoin', wrist_mm: 165, wrist_method: 'tape', project: 'band-buckle' };

test('a server killed in the middle of saving: the page says so, keeps what was typed, and saves when it is back', async ({
  page,
  watch,
}) => {
  watch.serverMayBeAway = true;
  const port: number = await freePort(4480);
  let server: ChildProcess = await startServer(served.database, port);
  const base = `http://127.0.0.1:${port}`;
  try {
    await open(page, `${base}/`);
    const id = crypto.randomUUID();
    const headers = { origin: base };
    await page.request.post(`${base}/api/sessions`, {
      headers,
      data: { id, session: { title: 'Kill', held_on: '2031-01-01' } },
    });
    await page.request.post(`${base}/api/sessions/${id}/seats`, {
      headers,
      data: { seats: [{ id: crypto.randomUUID(), ...seat }] },
    });
    await open(page, `${base}/sessions/${id}/fit`);
    // Two edits in a row, the server gone while the first is on its way.
    await page.route(
      '**/api/seats/*',
      async (route) => {
        const gone = new Promise((resolve) => server.once('exit', resolve));
        server.kill('SIGKILL');
        await gone;
        await route.continue();
      },
      { times: 1 },
    );
    await page.getByRole('textbox', { name: 'Wrist of Ada Quoin' }).fill('17.7 cm');
    await page.keyboard.press('Enter');
    await page.getByLabel('Ease of Ada Quoin').focus();
    await page.getByLabel('Ease of Ada Quoin').selectOption('loose');
    await expect(saveLine(page)).toContainText('the server cannot be reached');
    await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('17.7 cm');

    server = await startServer(served.database, port);
    await saved(page);
    await page.reload();
    await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('17.7 cm');
    await expect(page.getByLabel('Ease of Ada Quoin')).toHaveValue('loose');
  } finally {
    server.kill('SIGKILL');
  }
});

test('the database away for ten seconds: the page says so, keeps what was typed, and saves when it is back', async ({
  page,
  watch,
}) => {
  test.setTimeout(120_000);
  watch.serverMayBeAway = true;
  await open(page, '/');
  const id = await makeSession(page, 'Lost database', [seat]);
  await open(page, `/sessions/${id}/fit`);
  const postgres = cluster(served.cluster, 0, ['-c', 'fsync=off']);
  postgres.stop('immediate');
  try {
    await page.getByRole('textbox', { name: 'Wrist of Ada Quoin' }).fill('18.8 cm');
    await page.keyboard.press('Enter');
    await expect(saveLine(page)).toContainText('What you typed is kept here', { timeout: 20_000 });
    // A page asked for meanwhile says what is the matter, with the status that means it.
    const response = await page.request.get('/people');
    expect(response.status()).toBe(503);
    expect(await response.text()).toContain('The database cannot be reached');
    await page.waitForTimeout(10_000);
    await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('18.8 cm');
  } finally {
    await postgres.start();
  }
  await saved(page);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('18.8 cm');
});

test('what could not be saved survives a reload of the page', async ({ page, watch }) => {
  watch.serverMayBeAway = true;
  await open(page, '/');
  const id = await makeSession(page, 'Reload', [seat]);
  await open(page, `/sessions/${id}/fit`);
  await page.route('**/api/seats/*', (route) => route.abort());
  await page.getByRole('textbox', { name: 'Wrist of Ada Quoin' }).fill('19.9 cm');
  await page.keyboard.press('Enter');
  await expect(saveLine(page)).toHaveAttribute('data-save', 'away');
  page.on('dialog', (dialog) => void dialog.accept());
  await page.unroute('**/api/seats/*');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Wrist of Ada Quoin' })).toHaveValue('19.9 cm');
  await saved(page);
});
