import type { Page } from '@playwright/test';
import { expect, open, test } from '../fixture';
import { openBench } from '../support/bench';

/** Everything a page offers to the keyboard, marked so that it is known again. */
const offered = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, summary, [tabindex="0"]')]
      .filter(
        (one) => one.tabIndex >= 0 && !one.matches(':disabled') && one.checkVisibility({ visibilityProperty: true }),
      )
      .map((one, i) => {
        one.dataset.stop = String(i);
        return `${i} ${one.tagName} ${one.getAttribute('aria-label') ?? one.textContent.trim().slice(0, 30)}`;
      }),
  );

/** Where the focus is, and what is wrong with how it is seen there. */
const focus = (page: Page): Promise<{ stop: string; wrong: string } | null> =>
  page.evaluate(() => {
    const at = document.activeElement as HTMLElement | null;
    if (!at || at === document.body) return null;
    const { left, top, width, height } = at.getBoundingClientRect();
    const { outlineStyle, outlineWidth } = getComputedStyle(at);
    const on = document.elementFromPoint(
      left + Math.min(width, innerWidth) / 2,
      top + Math.min(height, innerHeight) / 2,
    );
    const outlined = outlineStyle !== 'none' && parseFloat(outlineWidth) >= 1;
    const isSeen =
      on !== null &&
      (at.contains(on) ||
        on.contains(at) ||
        [...((at as HTMLInputElement).labels ?? [])].some((label) => label.contains(on)));
    return {
      stop: at.dataset.stop ?? '',
      wrong: [!outlined && 'has no outline', !isSeen && 'is covered or out of sight'].filter(Boolean).join(', '),
    };
  });

/** Tabs through a page, and answers what the focus did not come to, and where it was not seen. */
async function walk(page: Page): Promise<string[]> {
  const all = await offered(page);
  const visited = new Set<string>();
  const wrong: string[] = [];
  for (let i = 0; i < all.length + 10; i++) {
    await page.keyboard.press('Tab');
    let now = await focus(page);
    if (now?.wrong) {
      // The page is still on its way there.
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 100))));
      now = await focus(page);
    }
    if (!now) break;
    if (now.wrong) wrong.push(`${all[Number(now.stop)]} ${now.wrong}`);
    visited.add(now.stop);
  }
  return [...wrong, ...all.filter((_, i) => !visited.has(String(i))).map((one) => `${one} is not reached`)];
}

test('the focus goes everywhere on every stage, is seen where it is, and gets out again', async ({ page }) => {
  test.setTimeout(180_000);
  await open(page, '/sessions');
  const href = await page.getByRole('link', { name: 'Tide club evening' }).getAttribute('href');
  const evening = href!.replace(/\/seats$/, '');
  for (const stage of ['seats', 'fit', 'cut', 'kit', 'wrap-up', 'room']) {
    await open(page, `${evening}/${stage}`);
    expect.soft(await walk(page), stage).toEqual([]);
  }
  await page.setViewportSize({ width: 820, height: 1180 });
  for (const stage of ['fit', 'kit']) {
    await open(page, `${evening}/${stage}`);
    await page.keyboard.press(']');
    await expect(page.getByRole('complementary')).toBeVisible();
    expect.soft(await walk(page), `${stage} on a tablet, with the tray`).toEqual([]);
  }
  await openBench(page);
  expect.soft(await walk(page), 'bench').toEqual([]);
  for (const path of ['/', '/shelf', '/records', '/composer/band-buckle']) {
    await open(page, path);
    expect.soft(await walk(page), path).toEqual([]);
  }
});
