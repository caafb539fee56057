import type { Page } from '@playwright/test';
import { expect, open, test } from '../fixture';
import { openBench } from '../support/bench';

/** What a page offers to the keyboard and the focus has not been to. */
const unvisited = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, summary, [tabindex="0"]')]
      .filter(
        (one) =>
          one.tabIndex >= 0 &&
          !one.matches(':disabled') &&
          one.checkVisibility({ visibilityProperty: true }) &&
          one.dataset.visited === undefined &&
          // Of one of several the arrow keys choose another.
          !(
            one.matches('[type="radio"]:not(:checked)') &&
            document.querySelector(`[type="radio"][name="${(one as HTMLInputElement).name}"]:checked`)
          ),
      )
      .map((one) => `${one.tagName} ${one.getAttribute('aria-label') ?? one.textContent.trim().slice(0, 30)}`),
  );

/** Where the focus is, and what is wrong with how it is seen there. */
const focus = (page: Page): Promise<{ what: string; wrong: string } | null> =>
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
        // A stretch of a bar that is narrower than a pixel.
        at.closest('svg')?.contains(on) ||
        [...((at as HTMLInputElement).labels ?? [])].some((label) => label.contains(on)));
    at.dataset.visited = '';
    return {
      what: `${at.tagName} ${at.getAttribute('aria-label') ?? at.textContent.trim().slice(0, 30)}`,
      wrong: [!outlined && 'has no outline', !isSeen && 'is covered or out of sight'].filter(Boolean).join(', '),
    };
  });

/** No page offers so much. */
const MOST = 600;

/**
 * Tabs through a page, and answers what the focus did not come to, and where it was not seen. A tray is that of the row the focus is
 * in, so what counts is what the page offers at the end.
 */
async function walk(page: Page): Promise<string[]> {
  const wrong: string[] = [];
  for (let i = 0; i < MOST; i++) {
    await page.keyboard.press('Tab');
    let now = await focus(page);
    for (let tries = 0; now?.wrong && tries < 10; tries++) {
      // The page is still on its way there.
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 100))));
      now = await focus(page);
    }
    if (!now) break;
    if (now.wrong) wrong.push(`${now.what} ${now.wrong}`);
  }
  return [...wrong, ...(await unvisited(page)).map((one) => `${one} is not reached`)];
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
    await expect(page.getByRole('button', { name: 'Close the tray' })).toBeVisible();
    expect.soft(await walk(page), `${stage} on a tablet, with the tray`).toEqual([]);
  }
  await openBench(page);
  expect.soft(await walk(page), 'bench').toEqual([]);
  for (const path of ['/', '/shelf', '/records', '/composer/band-buckle']) {
    await open(page, path);
    expect.soft(await walk(page), path).toEqual([]);
  }
});
