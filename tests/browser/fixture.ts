import { test as base, expect, type Locator, type Page } from '@playwright/test';

/** What a page may say on the console while its server is taken away; nothing else is let pass. */
const EXPECTED_WHEN_AWAY = /Failed to load resource|net::ERR_/;

/** What the browser itself notes when an endpoint refuses something, which is no fault of the page. */
const EXPECTED_WHEN_REFUSED = /Failed to load resource: the server responded with a status of 4\d\d/;

export interface Watch {
  /** Set where a test takes the server or the database away on purpose. */
  serverMayBeAway: boolean;
  /** Set where a test asks for what must be refused. */
  mayBeRefused: boolean;
}

/** Every test fails on an error on the console and on a request to anywhere but the application. */
export const test = base.extend<{ watch: Watch }>({
  watch: [
    async ({ context, baseURL }, use) => {
      const watch: Watch = { serverMayBeAway: false, mayBeRefused: false };
      const expected = (text: string): boolean =>
        (watch.serverMayBeAway && EXPECTED_WHEN_AWAY.test(text)) ||
        (watch.mayBeRefused && EXPECTED_WHEN_REFUSED.test(text));
      const complaints: string[] = [];
      const host = new URL(baseURL!).hostname;
      context.on('console', (message) => {
        if (message.type() === 'error' && !expected(message.text())) complaints.push(message.text());
      });
      context.on('weberror', (error) => complaints.push(error.error().message));
      context.on('request', (request) => {
        if (new URL(request.url()).hostname !== host) complaints.push(`asked ${request.url()}`);
      });
      await use(watch);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };
export { axe } from './support/axe';

/** Waits until every island of the page answers to clicks and keys: React has taken it over, and its effects have run. */
export async function ready(page: Page): Promise<void> {
  // A page is taken over when somebody works on it.
  if (await page.evaluate(() => document.querySelector('astro-island[client="touched"][ssr]') !== null))
    await page.keyboard.press('Shift');
  await page.waitForFunction(() =>
    [...document.querySelectorAll('astro-island')].every(
      (island) =>
        !island.hasAttribute('ssr') &&
        // Before what React has there may be links to what it shows; what is planned first it takes over last.
        [...island.children].some((child) => Object.keys(child).some((key) => key.startsWith('__reactFiber'))) &&
        [...island.querySelectorAll('button, input, textarea, select')].every((field) =>
          Object.keys(field).some((key) => key.startsWith('__reactFiber')),
        ),
    ),
  );
  // Far down a page a field is there once somebody works on it; until then what is written in it.
  if (await page.evaluate(() => document.querySelector('[data-soon]') !== null)) {
    await page.keyboard.press('Shift');
    await page.waitForFunction(() => document.querySelector('[data-soon]') === null);
  }
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
}

/** Opens a page and waits until it answers to clicks and keys. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await ready(page);
}

/** Makes a session by the API, as a page of ours would, and answers its id. */
export async function makeSession(
  page: Page,
  title: string,
  seats: readonly object[] = [],
  held_on = '2031-02-03',
): Promise<string> {
  const id = crypto.randomUUID();
  const headers = { origin: new URL(page.url()).origin };
  await page.request.post('/api/sessions', { headers, data: { id, session: { title, held_on } } });
  if (seats.length > 0) {
    const made = await page.request.post(`/api/sessions/${id}/seats`, {
      headers,
      data: { seats: seats.map((seat) => ({ id: crypto.randomUUID(), ...seat })) },
    });
    expect(made.status()).toBe(200);
  }
  return id;
}

/** Does something through the API as a page of ours would. */
export async function post(page: Page, path: string, data: object): Promise<void> {
  const answer = await page.request.post(path, { headers: { origin: new URL(page.url()).origin }, data });
  expect(answer.ok(), await answer.text()).toBe(true);
}

/** Puts lots on the shelf. */
export const receive = (page: Page, item: string, kind: string, amounts: readonly number[]) =>
  post(page, '/api/shelf/receive', {
    key: crypto.randomUUID(),
    receipts: [
      {
        item,
        note: '',
        lots: amounts.map((amount) => ({ kind, amount, place: 'Bench', tare: null })),
      },
    ],
  });

/** A seat of a buckle band in one cord and colour. */
export const guest = (name: string, cord: string, colour: string) => ({
  name,
  wrist_mm: 165,
  wrist_method: 'tape',
  project: 'band-buckle',
  cords: { whole: { cord, colours: [colour] } },
});

/** The line that says whether everything is stored. */
export const saveLine = (page: Page): Locator => page.locator('[data-save]');
export const saved = (page: Page): Promise<void> =>
  expect(saveLine(page)).toHaveAttribute('data-save', 'saved', { timeout: 30_000 });
