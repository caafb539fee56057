import { Client } from 'pg';
import type { ProgressEntry } from '../core/bench';

/** An entry as the database tells of it, with its session. */
export type ToldEntry = ProgressEntry & { readonly session: string };

interface Ears {
  /** Each entry, as it is stored by whichever server. */
  readonly onEntry: (entry: ToldEntry) => void;
  /** Listening has begun, or begun again: what was said meanwhile was not heard. */
  readonly onListening: () => void;
}

/** Times to wait before the database is asked again, ms. */
const [SOONEST, LATEST] = [250, 5000];

/** A moment as entries have it, whatever the database's own way of writing one. */
const momentOf = (at: string): string => new Date(at).toISOString();

/** Listens to the bench on a connection of its own, and goes on however often that is lost. Answers how to stop. */
export function listenToBench({ onEntry, onListening }: Ears): () => void {
  let isStopped = false;
  let wait = SOONEST;
  let client: Client | null = null;
  let timer: NodeJS.Timeout | undefined;

  const again = (lost: Client): void => {
    if (client !== lost || isStopped) return;
    client = null;
    lost.removeAllListeners();
    lost.on('error', () => undefined);
    void lost.end().catch(() => undefined);
    timer = setTimeout(() => void connect(), wait);
    wait = Math.min(LATEST, wait * 2);
  };
  const connect = async (): Promise<void> => {
    const own = new Client({
      connectionString: process.env.DATABASE_URL,
      application_name: 'lapboard bench',
      connectionTimeoutMillis: 3000,
      // A server that is gone without a word is noticed.
      keepAlive: true,
      keepAliveInitialDelayMillis: 5000,
    });
    client = own;
    own.on('error', () => again(own));
    own.on('end', () => again(own));
    own.on('notification', ({ payload }) => {
      if (!payload) return;
      const told = JSON.parse(payload) as ToldEntry;
      onEntry({ ...told, at: momentOf(told.at) });
    });
    try {
      await own.connect();
      await own.query('LISTEN bench');
      wait = SOONEST;
      if (client === own) onListening();
    } catch {
      again(own);
    }
  };
  void connect();
  return () => {
    isStopped = true;
    clearTimeout(timer);
    const last = client;
    client = null;
    void last?.end().catch(() => undefined);
  };
}
