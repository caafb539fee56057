/** With any of these somebody works on the page. */
const TOUCHES = ['pointermove', 'pointerdown', 'keydown', 'focusin', 'scroll'] as const;
/** After so many milliseconds the page is at rest, and what waited comes though nobody has done anything. */
const REST = 6000;
/** Put on the page once somebody does: what is fetched then need not wait again. */
const MARK = 'data-touched';

// From the first, so that whoever has done something is not waited for again. Nobody touches a page that a server draws.
const touched = new Promise<void>((done) => {
  if (typeof window === 'undefined') return;
  const page = document.documentElement;
  const now = (): void => {
    page.setAttribute(MARK, '');
    done();
  };
  if (page.hasAttribute(MARK)) return now();
  setTimeout(now, REST);
  for (const touch of TOUCHES) window.addEventListener(touch, now, { capture: true, once: true, passive: true });
});

/** When somebody works on this page, or has, or it has long been there: what nobody sees yet may wait until then. */
export const whenTouched = (): Promise<void> => touched;
