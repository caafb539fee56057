import { randomUUID } from 'node:crypto';

/** Writers of a studio, all at once, while the servers they write to are killed. */
export interface WritersLoad {
  readonly bases: readonly string[];
  readonly session: string;
  readonly seats: readonly string[];
  readonly lot: string;
  readonly writers: number;
  readonly seconds: number;
  readonly kills: number;
  readonly kill: (i: number) => Promise<void>;
}

/** Keys of what was acknowledged, by where it was written. */
export interface Acknowledged {
  readonly ledger: ReadonlySet<string>;
  readonly bench: ReadonlySet<string>;
  readonly wrap: ReadonlySet<string>;
}

type Kind = keyof Acknowledged;
const KINDS: readonly Kind[] = ['ledger', 'bench', 'wrap'];

/** Writes on the ledger, at the bench and in the wrap-up until the time is over: each under a key that is sent again until it is acknowledged. */
export async function loadWriters(load: WritersLoad): Promise<Acknowledged> {
  const found = { ledger: new Set<string>(), bench: new Set<string>(), wrap: new Set<string>() };
  const until = performance.now() + load.seconds * 1000;
  const bodyOf = (kind: Kind, key: string, i: number): readonly [path: string, body: object] => {
    const seat = load.seats[i % load.seats.length]!;
    return {
      ledger: [`/api/shelf/lots/${load.lot}`, { key, kind: 'issue', amount: 1, note: '' }] as const,
      bench: [
        `/api/bench/${load.session}`,
        { entries: [{ key, seat, what: 'step', value: `knot ${i}`, ago_ms: 0 }] },
      ] as const,
      wrap: [
        `/api/sessions/${load.session}/wrap`,
        { records: [{ key, seat, said: { minutes: 1 + (i % 90) } }] },
      ] as const,
    }[kind];
  };
  const write = async (writer: number): Promise<void> => {
    for (let i = writer; performance.now() < until; i += load.writers) {
      const kind = KINDS[i % KINDS.length]!;
      const key = randomUUID();
      const [path, body] = bodyOf(kind, key, i);
      for (let time = 0; time < 200; time++) {
        const base = load.bases[(writer + time) % load.bases.length]!;
        const isTaken = await fetch(base + path, {
          method: 'POST',
          headers: { 'content-type': 'application/json', origin: base },
          body: JSON.stringify(body),
          signal: AbortSignal.timeout(15_000),
        }).then(
          (answer) => answer.ok,
          () => false,
        );
        if (isTaken) {
          found[kind].add(key);
          break;
        }
        await new Promise((done) => setTimeout(done, 60));
      }
    }
  };
  const killing = (async () => {
    for (let i = 0; i < load.kills; i++) {
      await new Promise((done) => setTimeout(done, (load.seconds * 1000) / (load.kills + 1)));
      await load.kill(i);
    }
  })();
  await Promise.all([...Array.from({ length: load.writers }, (_, i) => write(i)), killing]);
  return found;
}
