import { isWritten, writeAgain } from './write-again';

/** What does something only once a page is taken over. A link leads on by itself. */
const PRESSED = 'button, [role="button"], [role="tab"], [type="checkbox"], [type="radio"], [type="file"]';
const WRITTEN = 'input, textarea, select';
/** Between two looks whether it is, or two things that are done, and the longest to look, milliseconds. */
const MOMENT = 30;
const LONGEST = 20_000;

const moment = (): Promise<void> => new Promise((done) => setTimeout(done, MOMENT));

/** The page's own keys: single letters and signs, where nothing is being written; and Enter in a field, with Control in one of lines. */
function isKey({ key, ctrlKey, metaKey, altKey, target }: KeyboardEvent): boolean {
  const isHeld = ctrlKey || metaKey;
  if (isWritten(target)) return key === 'Enter' && !altKey && (isHeld || target instanceof HTMLInputElement);
  return key.length === 1 && key !== ' ' && !isHeld && !altKey && !(target as Element).closest(WRITTEN);
}

/** What Enter does in a form: its button is pressed, if it may be by then. */
function sendForm(form: HTMLFormElement): void {
  const button = form.querySelector<HTMLButtonElement>('button[type="submit"]');
  if (button) button.click();
  else form.requestSubmit();
}

/** Whether React answers for an element: it marks those that it has. */
const isTakenOver = (one: Element): boolean => Object.keys(one).some((key) => key.startsWith('__react'));

/** Goes to a choice, where it hears it, and opens it, where the browser lets a page do so. */
async function open(choice: HTMLSelectElement): Promise<void> {
  choice.focus();
  await moment();
  try {
    choice.showPicker();
  } catch {
    // It has the focus; the next press opens it.
  }
}

/**
 * Keeps what is pressed and written on a part of a page that nobody has taken over yet, instead of losing it; the function it answers
 * does all of it in its order, once it is.
 */
export function hold(island: HTMLElement): () => Promise<void> {
  const held = new Map<Element | KeyboardEvent, () => unknown>();
  const over = new AbortController();
  const how = { capture: true, signal: over.signal };
  // Pressed again because nothing happened, it is still one press.
  const keep = (event: Event, of: Element | KeyboardEvent, act: () => unknown): void => {
    event.preventDefault();
    event.stopImmediatePropagation();
    held.set(of, act);
  };
  const click = (event: MouseEvent): void => {
    const pressed = (event.target as Element).closest<HTMLElement>(PRESSED);
    if (pressed) keep(event, pressed, () => pressed.click());
  };
  // What may be chosen often comes when the choice is gone to, so it is opened when that can be heard.
  const choose = (event: MouseEvent): void => {
    const choice = event.target;
    if (choice instanceof HTMLSelectElement) keep(event, choice, () => open(choice));
  };
  const change = ({ target }: Event): void => {
    if (target instanceof HTMLSelectElement)
      held.set(target, () => target.dispatchEvent(new Event('change', { bubbles: true })));
  };
  const write = ({ target }: Event): void => {
    if (!isWritten(target)) return;
    const text = target.value;
    held.set(target, () => writeAgain(target, text));
  };
  const key = (event: KeyboardEvent): void => {
    const { target, key, code, shiftKey, ctrlKey, metaKey } = event;
    if (!isKey(event) || (isWritten(target) && !island.contains(target))) return;
    const pressed = { key, code, shiftKey, ctrlKey, metaKey };
    const again = new KeyboardEvent('keydown', { ...pressed, bubbles: true, cancelable: true });
    const form = key === 'Enter' && !ctrlKey && target instanceof HTMLInputElement ? target.form : null;
    // Left alone, a browser would load the page anew by it, and what was written would be gone.
    if (form) keep(event, form, () => sendForm(form));
    else keep(event, event, () => target!.dispatchEvent(again));
  };
  island.addEventListener('click', click, how);
  island.addEventListener('mousedown', choose, how);
  island.addEventListener('change', change, how);
  island.addEventListener('input', write, how);
  window.addEventListener('keydown', key, how);
  const isHere = (): boolean =>
    [...island.children].some(isTakenOver) &&
    [...held.keys()].every((of) => !(of instanceof Element) || !of.isConnected || isTakenOver(of));
  return async () => {
    for (const since = Date.now(); !isHere() && Date.now() - since < LONGEST;) await moment();
    // What listens for keys does so a moment later.
    await moment();
    over.abort();
    // A choice that was gone to by a key has not heard it.
    const { activeElement: at } = document;
    if (at instanceof HTMLSelectElement && island.contains(at))
      at.dispatchEvent(new FocusEvent('focusin', { bubbles: true }));
    for (const act of held.values()) {
      await act();
      await moment();
    }
  };
}
