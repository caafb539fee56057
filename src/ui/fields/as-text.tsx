import { createContext, startTransition, useContext, useEffect, useState, type ReactNode } from 'react';

const TextOnly = createContext(false);

/** Whether fields are shown as what is written in them, for now. */
export const useAsText = (): boolean => useContext(TextOnly);

/** What is written in a field, until the field is there: as large as the field will be. */
export const AsText = ({ id, className = '', children }: { id?: string; className?: string; children: ReactNode }) => (
  <span id={id} data-soon="" className={`cell block truncate [contain:inline-size] ${className}`}>
    {children}
  </span>
);

/** Between two parts of a page whose fields are put in, milliseconds: others have their turn. */
const TURN = 40;
/** With these somebody works on the page: whatever they go to next is a field. */
const TOUCHES = ['scroll', 'pointerdown', 'keydown'] as const;

/**
 * Fields far down a page, which are what is written in them until it is their turn. A field costs a browser many times what its text
 * does, so a long list is there sooner, and answers, while those that nobody sees yet follow. Before the first turn they are there.
 */
export function Later({ turn, children }: { turn: number; children: ReactNode }) {
  const [asText, setAsText] = useState(turn > 0);
  useEffect(() => {
    if (!asText) return undefined;
    const putIn = () => startTransition(() => setAsText(false));
    const timer = setTimeout(putIn, turn * TURN);
    for (const touch of TOUCHES) window.addEventListener(touch, putIn, { capture: true, once: true, passive: true });
    return () => {
      clearTimeout(timer);
      for (const touch of TOUCHES) window.removeEventListener(touch, putIn, { capture: true });
    };
  }, [turn, asText]);
  return <TextOnly value={asText}>{children}</TextOnly>;
}
