import type { KeyboardEvent } from 'react';

/** Whether the caret stands where left (or right) would leave the field. */
function atEdge(field: HTMLElement, key: string): boolean {
  if (!(field instanceof HTMLInputElement) || field.type === 'checkbox') return true;
  if (field.selectionStart === 0 && field.selectionEnd === field.value.length) return true;
  return key === 'ArrowLeft' ? field.selectionEnd === 0 : field.selectionStart === field.value.length;
}

/** As many rows may a field span. */
const MOST_SPANNED = 12;

/**
 * Arrow keys in a table whose fields carry `data-row` and `data-col`: up, down and Enter move along the column, left and
 * right along the row. Escape leaves the field, so that the page's keys work.
 */
export function gridKeys(event: KeyboardEvent<HTMLElement>): void {
  const field = event.target as HTMLElement;
  const { row, col } = field.dataset;
  if (row === undefined || col === undefined || event.altKey || event.ctrlKey || event.metaKey) return;
  if (event.key === 'Escape') return field.blur();
  const table = event.currentTarget;
  const cell = (r: number | string, c: number | string) => {
    const found = table.querySelector<HTMLElement>(`[data-row="${r}"][data-col="${c}"]:not(:disabled)`);
    // On a small screen a column may not be shown.
    return found?.checkVisibility() ? found : null;
  };
  const [r, c] = [Number(row), Number(col)];
  const columns = 20;
  let next: HTMLElement | null = null;
  if (event.key === 'ArrowUp' || event.key === 'ArrowDown' || event.key === 'Enter') {
    const step = event.key === 'ArrowUp' ? -1 : 1;
    // A field that spans several rows stands in the first of them.
    for (let by = 1; by <= MOST_SPANNED && !next; by++) next = cell(r + by * step, c);
  } else if ((event.key === 'ArrowLeft' || event.key === 'ArrowRight') && atEdge(field, event.key)) {
    const step = event.key === 'ArrowLeft' ? -1 : 1;
    for (let at = c + step; at >= 0 && at < columns && !next; at += step) next = cell(r, at);
  } else return;
  if (event.key === 'Enter' && field instanceof HTMLButtonElement) return;
  event.preventDefault();
  if (!next) return;
  next.focus();
  if (next instanceof HTMLInputElement && next.type !== 'checkbox') next.select();
  // What was written is read as its field is left, and may put another field where this one goes.
  const to = next.dataset;
  requestAnimationFrame(() => {
    if (document.activeElement === document.body) cell(to.row!, to.col!)?.focus();
  });
}
