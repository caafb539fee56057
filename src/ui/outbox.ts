import { createStore, del, entries, set, type UseStore } from 'idb-keyval';
import type { Said } from '../core/bench';
import { problemOf, type RequestProblem } from './api';

/** Something said that the server has not taken yet, and when by this device's clock. */
export interface Unsent extends Omit<Said, 'ago_ms'> {
  readonly said: number;
}

export interface Outbox {
  readonly add: (one: Unsent) => void;
  readonly stop: () => void;
}

/** As many as are sent in one go, and the longest wait until it is tried again, ms. */
const [MOST, LATEST] = [100, 8000];
const DAY_MS = 24 * 3_600_000;

/**
 * What was said and is not stored yet, in order; it outlives the page. Sent as soon as the server takes it, in order, and each by its own
 * key, so that what was sent without an answer is stored once. What the server will never take is dropped, and told.
 *
 * @param whose under which name it is kept in this browser
 * @param onChange what waits now, whenever that changes
 */
export function openOutbox<T>(
  whose: string,
  send: (said: readonly Said[]) => Promise<T>,
  told: {
    readonly onChange: (waiting: readonly Unsent[], isAway: boolean) => void;
    readonly onStored: (answer: T) => void;
    readonly onRefused: (problem: RequestProblem) => void;
  },
): Outbox {
  let store: UseStore | null = null;
  try {
    store = createStore('lapboard-bench', 'unsent');
  } catch {
    // A browser that keeps nothing: what is said lasts as long as the page.
  }
  let waiting: Unsent[] = [];
  let isAway = false;
  let isSending = false;
  let isStopped = false;
  let wait = 500;
  /** One by one after several were refused together: the fault is of one of them. */
  let size = MOST;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const nameOf = ({ said, key }: Unsent): string => `${whose}/${said}/${key}`;
  const kept = async (work: (own: UseStore) => Promise<void>): Promise<void> => {
    if (store) await work(store).catch(() => undefined);
  };
  const change = (next: Unsent[]): void => {
    waiting = next;
    if (!isStopped) told.onChange(waiting, isAway);
  };

  const tryToSend = async (): Promise<void> => {
    if (isSending || isStopped || waiting.length === 0) return;
    isSending = true;
    clearTimeout(timer);
    const some = waiting.slice(0, size);
    const without = (): Unsent[] => waiting.filter((one) => !some.includes(one));
    try {
      const now = Date.now();
      const answer = await send(
        some.map(({ said, ...rest }) => ({ ...rest, ago_ms: Math.min(DAY_MS, Math.max(0, now - said)) })),
      );
      isAway = false;
      wait = 500;
      for (const one of some) void kept((own) => del(nameOf(one), own));
      if (!isStopped) told.onStored(answer);
      change(without());
    } catch (failed) {
      const problem = problemOf(failed);
      // Too much at once, or not paired just now: later it may do.
      isAway = problem.away || problem.status === 429 || problem.status === 401 || problem.status >= 500;
      if (!isAway && some.length > 1) {
        size = 1;
        change(waiting);
        return;
      }
      if (!isAway) {
        for (const one of some) void kept((own) => del(nameOf(one), own));
        told.onRefused(problem);
      }
      change(isAway ? waiting : without());
    } finally {
      isSending = false;
      goOn();
    }
  };
  const goOn = (): void => {
    if (waiting.length === 0) size = MOST;
    if (waiting.length === 0 || isStopped) return;
    if (!isAway) return void tryToSend();
    timer = setTimeout(() => void tryToSend(), wait);
    wait = Math.min(LATEST, wait * 2);
  };
  const soon = (): void => {
    wait = 500;
    void tryToSend();
  };

  void (store ? entries<string, Unsent>(store) : Promise.resolve([]))
    .catch((): [string, Unsent][] => [])
    .then((all) => {
      const left = all.filter(([name]) => name.startsWith(`${whose}/`)).map(([, one]) => one);
      const known = new Set(waiting.map(({ key }) => key));
      change([...left.filter(({ key }) => !known.has(key)), ...waiting].sort((a, b) => a.said - b.said));
      void tryToSend();
    });
  window.addEventListener('online', soon);
  return {
    add: (one) => {
      void kept((own) => set(nameOf(one), one, own));
      change([...waiting, one]);
      void tryToSend();
    },
    stop: () => {
      isStopped = true;
      clearTimeout(timer);
      window.removeEventListener('online', soon);
    },
  };
}
