import type { Operation } from '../../../core/session';

/** What a page has not stored yet, as it outlives the page: each open page keeps its own. */
interface Kept {
  /** When the page last said that it is there, ms; 0 once it has been left. */
  readonly at: number;
  readonly operations: readonly Operation[];
}

const prefix = (session: string): string => `lapboard:unsaved:${session}:`;

/** A page that was not left but says nothing for so long is gone: browsers wake even a hidden one once a minute. */
const GONE_AFTER = 150_000;
const EVERY = 30_000;

function read(key: string): Kept | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Kept | null;
    return kept && Array.isArray(kept.operations) ? kept : null;
  } catch {
    return null;
  }
}

/** The operations that pages no longer open have left unsaved, oldest first; they are this page's from now on. */
export function takeLeft(session: string, now: number): Operation[] {
  const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i)!).filter((key) =>
    key.startsWith(prefix(session)),
  );
  return keys.flatMap((key) => {
    const kept = read(key);
    if (kept && now - kept.at < GONE_AFTER) return [];
    localStorage.removeItem(key);
    return kept?.operations ?? [];
  });
}

/** This page's own keeping of what is not stored yet. */
export function unsavedStore(session: string) {
  const key = `${prefix(session)}${crypto.randomUUID()}`;
  let operations: readonly Operation[] = [];
  const write = (at: number): void => {
    if (operations.length === 0) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify({ at, operations } satisfies Kept));
  };
  const beat = setInterval(() => write(Date.now()), EVERY);
  const leave = (): void => write(0);
  window.addEventListener('pagehide', leave);
  return {
    keep(next: readonly Operation[]): void {
      operations = next;
      write(Date.now());
    },
    end(): void {
      clearInterval(beat);
      window.removeEventListener('pagehide', leave);
      leave();
    },
  };
}
