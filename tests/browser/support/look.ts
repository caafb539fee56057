import type { Page } from '@playwright/test';
import { axe, expect } from '../fixture';

/** A desk, a tablet held upright, a phone; and a desk read at twice its size. */
export const SIZES = [
  [1280, 800],
  [820, 1180],
  [390, 844],
] as const;
const TWICE = [640, 400] as const;

/** Colours pass from one to the other, at once where no motion is wanted: what is looked at is what they come to. */
const settled = (page: Page) =>
  page.waitForFunction(() => document.getAnimations().every(({ playState }) => playState !== 'running'));

/** How much wider than its window the page is, px. */
export const sideways = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** Holds what is shown to WCAG 2.2 AA. */
async function inLinen(page: Page, name: string): Promise<void> {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await settled(page);
  expect.soft(await axe(page), name).toEqual([]);
}

/** The same in both themes. */
export async function inBothThemes(page: Page, name: string): Promise<void> {
  await inLinen(page, name);
  // The other theme changes colours and nothing else.
  await page.evaluate(() => document.documentElement.setAttribute('data-theme', 'walnut'));
  await settled(page);
  expect.soft(await axe(page, 'contrast'), `${name} in walnut`).toEqual([]);
  await page.evaluate(() => document.documentElement.setAttribute('data-theme', 'linen'));
  await page.emulateMedia({ reducedMotion: null });
}

/** The same at every size, that the page is not scrolled sideways, and that days are written as the studio writes them. */
export async function look(page: Page, name: string): Promise<void> {
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height });
    // A tablet shows what the desk or the phone shows, in the same colours.
    await (width === 820 ? inLinen : inBothThemes)(page, `${name} at ${width}`);
    expect.soft(await sideways(page), `${name} at ${width}, sideways`).toBeLessThanOrEqual(0);
  }
  const words = await page.locator('body').innerText();
  expect.soft(words.match(/.{0,30}\b20\d\d-\d\d-\d\d\b/g), `${name}, days as a machine writes them`).toBeNull();
  await page.setViewportSize({ width: TWICE[0], height: TWICE[1] });
  expect.soft(await sideways(page), `${name} at 200 %, sideways`).toBeLessThanOrEqual(0);
  await page.setViewportSize({ width: SIZES[0][0], height: SIZES[0][1] });
}
