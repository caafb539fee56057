import { startTransition, useCallback, useState } from 'react';

/**
 * Whether something is on the screen, or is by no more than a margin above or below it; or something else has come about that makes
 * it wanted. What was near once stays.
 */
export function useNear(
  margin: string,
  wanted?: () => Promise<void>,
): readonly [isNear: boolean, ref: (shown: Element | null) => (() => void) | undefined] {
  const [isNear, setIsNear] = useState(false);
  const ref = useCallback(
    (shown: Element | null) => {
      if (!shown) return undefined;
      // Bit by bit, where many come near at once: the page answers meanwhile.
      const come = (): void => startTransition(() => setIsNear(true));
      const watch = new IntersectionObserver((seen) => seen.some((one) => one.isIntersecting) && come(), {
        rootMargin: `${margin} 0px`,
      });
      watch.observe(shown);
      void wanted?.().then(come);
      return () => watch.disconnect();
    },
    [margin, wanted],
  );
  return [isNear, ref];
}
