import { expect, type Locator, type Page } from '@playwright/test';

const KEY_S = 0.28;
const DECISION_S = 1.35;

/** Somebody at the keyboard alone: what they do is counted, so that what it would take them can be reckoned. */
export function hands(page: Page) {
  let keys = 0;
  let actions = 0;
  const stroke = async (key: string): Promise<void> => {
    await page.keyboard.press(key);
    keys += 1;
  };
  return {
    /** Tab until the focus is there. */
    async to(target: Locator): Promise<void> {
      await expect(target).toBeVisible();
      for (let i = 0; i < 40; i++) {
        if (await target.evaluate((element) => element === document.activeElement)) return;
        await stroke('Tab');
      }
      throw new Error(`The focus does not reach ${target.toString()}`);
    },
    /** A key that does something. */
    async press(key: string): Promise<void> {
      actions += 1;
      await stroke(key);
    },
    /** Words written where the focus is, and Enter. */
    async enter(text: string): Promise<void> {
      actions += 1;
      await page.keyboard.type(text);
      keys += text.length;
      await stroke('Enter');
    },
    async paste(text: string): Promise<void> {
      actions += 1;
      keys += 1;
      await page.keyboard.insertText(text);
    },
    reckoned: () => ({ actions, seconds: keys * KEY_S + actions * DECISION_S }),
  };
}
