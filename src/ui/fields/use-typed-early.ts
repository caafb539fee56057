import { useEffect, useRef, useState } from 'react';

/**
 * Takes up what was written in a field before the page was taken over: on a slow device somebody has typed by then, and nobody has
 * heard it. Where the field has been left already, it is left once more, so that what hears that does. The answer goes on what
 * frames the field.
 */
export function useTypedEarly<Frame extends HTMLElement>(shown: string, write: (text: string) => void) {
  const frame = useRef<Frame>(null);
  const first = useRef({ shown, write });
  const [isLeft, setIsLeft] = useState(false);
  const fieldOf = () => frame.current?.querySelector<HTMLInputElement | HTMLTextAreaElement>('input, textarea');
  useEffect(() => {
    const field = fieldOf();
    if (!field || field.value === '' || field.value === first.current.shown) return;
    first.current.write(field.value);
    setIsLeft(document.activeElement !== field);
  }, []);
  useEffect(() => {
    if (isLeft) fieldOf()?.dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
  }, [isLeft]);
  return frame;
}
