import { useEffect, type RefObject } from 'react';

/**
 * Puts the focus where the first open question is answered, and on the button that ends it where none is left: whenever
 * their number changes or the list is read again, so that a list is gone through without looking for the next place.
 */
export function useNextQuestion(frame: RefObject<HTMLElement | null>, open: string, read: unknown): void {
  useEffect(() => {
    const place = frame.current?.querySelector<HTMLElement>('[data-asks]');
    const where = place?.dataset.asks;
    const field =
      where === 'here'
        ? place
        : where === 'button'
          ? place?.querySelector<HTMLElement>('[data-answers]')
          : place?.querySelector<HTMLElement>(`[data-col="${where}"]`);
    const next = field ?? frame.current?.querySelector<HTMLElement>('[data-done]');
    next?.focus();
    if (next instanceof HTMLInputElement) next.select();
  }, [frame, open, read]);
}
