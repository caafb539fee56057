import type { Browser, Page } from '@playwright/test';
import { open } from '../fixture';

/** A day that is past: what is ahead, others look at. */
export const HELD = '2020-02-03';

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true };

/** The bench of the demo's session that is under way. */
export async function openBench(page: Page): Promise<string> {
  await open(page, '/sessions');
  const href = await page.getByRole('link', { name: 'Sluice house lunch hour' }).getAttribute('href');
  const path = href!.replace(/\/seats$/, '');
  await open(page, `${path}/bench`);
  return path;
}
export const card = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^\\d+ ${name}`) });
export const panel = (page: Page) => page.getByRole('complementary', { name: /^Seat of/ });
export const press = (page: Page, name: string | RegExp) =>
  panel(page)
    .getByRole('button', { name, exact: typeof name === 'string' })
    .click();

/** Opens a seat's own page on a phone of its own. */
export async function phoneOf(browser: Browser, bench: Page, name: string): Promise<Page> {
  await card(bench, name).click();
  const href = await panel(bench).getByRole('link', { name: 'Its own page' }).getAttribute('href');
  const context = await browser.newContext({ ...PHONE, baseURL: new URL(bench.url()).origin });
  const phone = await context.newPage();
  await open(phone, href!);
  await press(bench, 'Close');
  return phone;
}
