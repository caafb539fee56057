/** With any of these somebody works on the page. */
const TOUCHES = ['pointermove', 'pointerdown', 'keydown', 'focusin', 'scroll'] as const;
/** After so many milliseconds the page is at rest, and what waited comes though nobody has done anything. */
const REST = 6000;

let touched: Promise<void> | null = null;

/** When somebody works on this page, or has, or it has long been there: what nobody sees yet may wait until then. */
export const whenTouched = (): Promise<void> =>
  (touched ??= new Promise((done) => {
    setTimeout(done, REST);
    for (const touch of TOUCHES)
      window.addEventListener(touch, () => done(), { capture: true, once: true, passive: true });
  }));
