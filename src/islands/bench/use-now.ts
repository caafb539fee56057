import { useEffect, useState } from 'react';

/** The clock's time, asked for so often, ms. */
export function useNow(clock: () => number, every: number): number {
  const [now, setNow] = useState(clock);
  useEffect(() => {
    const timer = setInterval(() => setNow(clock()), every);
    return () => clearInterval(timer);
  }, [clock, every]);
  return now;
}

interface WakeLock {
  readonly request: (kind: 'screen') => Promise<{ release: () => Promise<void> }>;
}

/** Keeps the screen awake while the room works, where the browser can; it is asked again when the page comes back to the front. */
export function useAwake(isWanted: boolean): void {
  useEffect(() => {
    const lock = (navigator as Navigator & { wakeLock?: WakeLock }).wakeLock;
    if (!isWanted || !lock) return undefined;
    let held: { release: () => Promise<void> } | null = null;
    const ask = (): void => {
      if (document.visibilityState !== 'visible') return;
      lock.request('screen').then(
        (own) => (held = own),
        () => undefined,
      );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      void held?.release().catch(() => undefined);
    };
  }, [isWanted]);
}
