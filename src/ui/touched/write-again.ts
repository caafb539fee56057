type Written = HTMLInputElement | HTMLTextAreaElement;

/** Whether somebody writes in it. */
export const isWritten = (one: EventTarget | null): one is Written =>
  one instanceof HTMLTextAreaElement ||
  (one instanceof HTMLInputElement && !['checkbox', 'radio', 'file', 'submit', 'button'].includes(one.type));

/**
 * Tells React what was written in a field before it had it: nobody has heard that. A field that has made something else of it already
 * is left as it is. React takes for news only what differs from what it set itself, so it is set to nothing first.
 */
export function writeAgain(field: Written, text: string): void {
  if (field.value !== text && field.value !== '') return;
  field.value = '';
  const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
  Object.getOwnPropertyDescriptor(kind.prototype, 'value')!.set!.call(field, text);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}
