import axeCore, { type AxeResults, type RunOptions } from 'axe-core';
import type { Page } from '@playwright/test';

const RUN = { resultTypes: ['violations'], preload: false } satisfies RunOptions;
const ALL: RunOptions = {
  ...RUN,
  runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] },
};
const CONTRAST: RunOptions = { ...RUN, runOnly: { type: 'rule', values: ['color-contrast'] } };

interface Axe {
  configure(how: object): void;
  run(on: unknown, options: object): Promise<AxeResults>;
}

/**
 * Asks axe, on the page. Contrast takes it two thirds of its time, a row of a table like the next: so of what is written in one tone
 * and size over the same grounds it looks at the first, which are marked for it.
 */
const look = async (options: RunOptions): Promise<string[]> => {
  const { axe } = window as unknown as { axe: Axe };
  axe.configure({ rules: [{ id: 'color-contrast', selector: '[data-first]' }] });
  const written = (one: Element): boolean =>
    one.matches('input, select, textarea') ||
    [...one.childNodes].some((child) => child.nodeType === Node.TEXT_NODE && child.textContent!.trim() !== '');
  const grounds = new Map<Element, string>();
  const groundOf = (one: Element | null): string => {
    if (!one) return '';
    const known = grounds.get(one);
    if (known !== undefined) return known;
    const { backgroundColor, backgroundImage, opacity, position } = getComputedStyle(one);
    const own = [backgroundColor, backgroundImage, opacity, position].join(' ');
    const parents = groundOf(one.parentElement);
    const ground = own === 'rgba(0, 0, 0, 0) none 1 static' ? parents : `${parents} > ${own}`;
    grounds.set(one, ground);
    return ground;
  };
  const first = new Map<string, Element>();
  for (const one of document.body.querySelectorAll('*')) {
    one.removeAttribute('data-first');
    if (!written(one) || !one.checkVisibility({ visibilityProperty: true })) continue;
    const { color, fontSize, fontWeight } = getComputedStyle(one);
    const { width, height } = one.getBoundingClientRect();
    const key = `${color} ${fontSize} ${fontWeight} ${groundOf(one)} ${width * height < 4}`;
    if (!first.has(key)) first.set(key, one);
  }
  for (const one of first.values()) one.setAttribute('data-first', '');
  const { violations } = await axe.run(document, options);
  return violations.flatMap(({ id, nodes }) =>
    nodes.map((node) => `${id}: ${node.target.join(' ')} ${node.failureSummary?.split('\n')[1]?.trim() ?? ''}`),
  );
};

/** What axe finds against WCAG 2.2 A and AA, in a line each; or by contrast only. */
export async function axe(page: Page, only: 'contrast' | 'everything' = 'everything'): Promise<string[]> {
  // Put in without a wrapper that loads it anew for each look: it takes longer than looking.
  await page.evaluate(`window.axe ?? ${axeCore.source}; 0`);
  return page.evaluate(look, only === 'contrast' ? CONTRAST : ALL);
}
