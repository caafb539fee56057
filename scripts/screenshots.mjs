// npm run screenshots: one current picture of each main view, from the demo data, into docs/screenshots.
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { prepareDatabase, startServer } from './lib/application.mjs';
import { buildApplication } from './lib/build.mjs';
import { needDebian } from './lib/debian.mjs';
import { installPackages } from './lib/install.mjs';
import { freePort } from './lib/ports.mjs';
import { cluster, stateFolder } from './lib/postgres.mjs';
import { ROOT } from './lib/root.mjs';
import { say } from './lib/say.mjs';

const LIST = `Ulla Wick 16.5cm age 9 new buckle
Jasper Nook, 6 1/2 in, 34, steady, buckle band
Hedda Lock, 14, buckle
Greta Fenn, 1.2 m (44 in), 40, buckle
Ansel Rill ~15 cm 8y buckle`;

const session = (title) => async (page) => {
  await page.goto('/sessions');
  const href = await page.getByRole('link', { name: title }).getAttribute('href');
  return href.replace(/\/seats$/, '');
};
const tideClub = session('Tide club evening');

/** Each view: its picture's name, how to get to it, and what to do there first. */
const VIEWS = [
  ['today', '/'],
  [
    'paste',
    async (page) => `${await session('Harbour fair drop-in')(page)}/seats`,
    async (page) => {
      await page.getByRole('button', { name: 'Paste a list' }).click();
      await page.getByLabel('List of who is coming').fill(LIST);
      await page.getByRole('button', { name: 'Read the list' }).click();
      await page.getByRole('heading', { name: /seats read/ }).waitFor();
    },
  ],
  ['seats', async (page) => `${await tideClub(page)}/seats`],
  ['fit', async (page) => `${await tideClub(page)}/fit`],
  [
    'tray',
    async (page) => `${await tideClub(page)}/fit`,
    async (page) => {
      await page.keyboard.press(']');
      await page.getByRole('complementary').waitFor();
    },
  ],
  ['cut', async (page) => `${await tideClub(page)}/cut`],
  [
    'lanes',
    async (page) => `${await tideClub(page)}/cut`,
    async (page) => {
      await page.getByRole('tab', { name: 'From the shelf' }).click();
      await page.getByRole('button', { name: 'Lay out again' }).waitFor({ timeout: 60_000 });
      await page.getByRole('button', { name: /^Bag 1,/ }).click();
    },
  ],
  [
    'room',
    async (page) => `${await session('Sluice house lunch hour')(page)}/room`,
    async (page) => {
      await page.getByRole('button', { name: 'Try what would help' }).click();
      await page.getByRole('button', { name: /^Do it: 30/ }).waitFor({ timeout: 20_000 });
    },
  ],
  [
    'bench',
    async (page) => `${await session('Sluice house lunch hour')(page)}/bench`,
    async (page) => {
      await page.getByRole('button', { name: /^4 Emrys/ }).click();
      await page.getByRole('tab', { name: 'Where was I?' }).click();
      await page
        .getByText(/done ~/)
        .first()
        .waitFor();
    },
  ],
  [
    'wrap-up',
    async (page) => {
      await page.goto('/sessions');
      const href = await page.getByRole('link', { name: 'Saturday loft' }).first().getAttribute('href');
      return href.replace(/seats$/, 'wrap-up');
    },
  ],
  [
    'records',
    '/records',
    async (page) => {
      await page.getByRole('button', { name: 'Square knot in Sheathed nylon 3 mm, new' }).click({ timeout: 20_000 });
      await page.getByText('cut to other lengths').waitFor();
      await page.locator('.apexcharts-series').first().waitFor();
    },
  ],
  [
    'seat-page',
    async (page) => {
      await page.goto(`${await session('Sluice house lunch hour')(page)}/bench`);
      await page.waitForFunction(() => document.querySelector('astro-island[ssr]') === null);
      await page.getByRole('button', { name: /^4 Emrys/ }).click();
      const href = await page.getByRole('link', { name: 'Its own page' }).getAttribute('href');
      await page.setViewportSize({ width: 390, height: 844 });
      await page.emulateMedia({ colorScheme: 'dark' });
      return href;
    },
  ],
  ['kit', async (page) => `${await tideClub(page)}/kit`],
  [
    'shelf',
    '/shelf',
    async (page) => {
      await page.getByRole('button', { name: 'Sheathed nylon 4 mm, Race blue' }).click();
      await page.getByRole('button', { name: 'spool 1', exact: true }).click();
    },
  ],
  ['print', async (page) => `${await tideClub(page)}/print`],
  ['people', '/people', async (page) => page.getByRole('button', { name: 'Wren Ashlock' }).click()],
  ['projects', '/projects'],
  ['composer', '/composer/charm-centre'],
  ['settings', '/settings'],
];

needDebian('postgresql', 'chromium');
await installPackages();
await buildApplication();
const folder = stateFolder(`lapboard-screenshots-${process.pid}`);
const postgres = cluster(folder, 55380, ['-c', 'fsync=off']);
const only = process.argv.slice(2);
let server;
let browser;
try {
  await postgres.start();
  postgres.createDatabase('screenshots');
  await prepareDatabase(postgres.url('screenshots'), { demo: true });
  const port = await freePort(4460);
  server = await startServer(postgres.url('screenshots'), port);
  const { chromium } = await import('@playwright/test');
  browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
  });
  mkdirSync(join(ROOT, 'docs/screenshots'), { recursive: true });
  for (const [name, where, prepare] of VIEWS) {
    if (only.length > 0 && !only.includes(name)) continue;
    const context = await browser.newContext({
      baseURL: `http://127.0.0.1:${port}`,
      viewport: { width: 1280, height: 800 },
    });
    const page = await context.newPage();
    await page.goto(typeof where === 'string' ? where : await where(page), { waitUntil: 'networkidle' });
    await prepare?.(page);
    await page.waitForTimeout(600);
    await page.screenshot({ path: join(ROOT, `docs/screenshots/${name}.png`) });
    await context.close();
    say(name);
  }
} finally {
  await browser?.close();
  server?.kill('SIGKILL');
  postgres.stop('immediate');
  rmSync(folder, { recursive: true, force: true });
}
