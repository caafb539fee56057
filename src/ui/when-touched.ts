/** With any of these somebody works on the page. */
const TOUCHES = ['pointermove', 'pointerdown', 'keydown', 'focusin', 'scroll'] as const;

let touched: Promise<void> | null = null;

/** When somebody works on this page, or has: what nobody sees yet may wait until then. */
export const whenTouched = (): Promise<void> =>
  (touched ??= new Promise((done) => {
    for (const touch of TOUCHES)
      window.addEventListener(touch, () => done(), { capture: true, once: true, passive: true });
  }));
