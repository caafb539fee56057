import type { ProgressEntry } from '../../core/bench';
import { inTransaction } from '../../data/database/transaction';
import { listenToBench, type ToldEntry } from '../../data/listen';
import { progressAfter } from '../../data/progress';

/** Who follows a session's bench: told each entry once, in order, from the n-th on. */
interface Follower {
  readonly session: string;
  had: number;
  readonly tell: (entries: readonly ProgressEntry[]) => void;
  readonly end: () => void;
  /** Reads what it has not had, one reading at a time. */
  catching: boolean;
  /** Whether something was missed while it was read. */
  again: boolean;
}

/** ms until a reading that failed is tried again. */
const LATER = 1000;

const followers = new Set<Follower>();
let stopListening: (() => void) | null = null;

/** Reads what a follower has not had. One that cannot just now is tried again when the database is heard of again. */
async function catchUp(follower: Follower): Promise<void> {
  if (follower.catching) {
    follower.again = true;
    return;
  }
  follower.catching = true;
  try {
    do {
      follower.again = false;
      const entries = await inTransaction((t) => progressAfter(follower.session, follower.had, t));
      give(follower, entries);
    } while (follower.again);
  } catch {
    // Away, or too busy: until it is there, it is asked again.
    setTimeout(() => followers.has(follower) && void catchUp(follower), LATER).unref();
  } finally {
    follower.catching = false;
  }
}

function give(follower: Follower, entries: readonly ProgressEntry[]): void {
  const fresh = entries.filter(({ n }) => n > follower.had);
  if (fresh.length === 0 || !followers.has(follower)) return;
  follower.had = fresh.at(-1)!.n;
  follower.tell(fresh);
}

function onEntry({ session, ...entry }: ToldEntry): void {
  for (const follower of followers) {
    if (follower.session !== session || entry.n <= follower.had) continue;
    // The next in order is given as it is; whoever misses one before it reads what it has not had.
    if (entry.n === follower.had + 1 && !follower.catching) give(follower, [entry]);
    else void catchUp(follower);
  }
}

/**
 * Follows a session's bench from after the n-th entry on: what is there is told at once, and each that is added as soon as it is
 * stored, by whichever server. Answers how to stop.
 */
export function followBench(session: string, after: number, tell: Follower['tell'], end: Follower['end']): () => void {
  const follower: Follower = { session, had: after, tell, end, catching: false, again: false };
  followers.add(follower);
  stopListening ??= listenToBench({
    onEntry,
    onListening: () => {
      for (const own of followers) void catchUp(own);
    },
  });
  void catchUp(follower);
  return () => {
    followers.delete(follower);
    if (followers.size > 0) return;
    stopListening?.();
    stopListening = null;
  };
}

/** Tells everybody who follows that this server ends, so that they go to another. */
export function endFeeds(): void {
  for (const { end } of followers) end();
  followers.clear();
  stopListening?.();
  stopListening = null;
}

// Whoever serves says so before it takes nothing new: an event of our own, which Node's types do not list.
(process as NodeJS.EventEmitter).on('lapboard:stop', endFeeds);
