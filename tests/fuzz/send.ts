import { request } from 'node:http';
import { faultOf, requests, type FuzzRequest } from './fuzz';

/** Ids of a session with seats and stock that were made for it, so that what is sent reaches something. */
export async function makeKnown(base: string): Promise<string[]> {
  const post = async (path: string, body: object): Promise<unknown> => {
    const answer = await fetch(`${base}${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: base },
      body: JSON.stringify(body),
    });
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    return answer.json();
  };
  const id = crypto.randomUUID();
  await post('/api/shelf/receive', {
    key: crypto.randomUUID(),
    receipts: [
      {
        item: 'cord/sheathed-4/race',
        note: '',
        lots: [{ kind: 'spool', amount: 20_000, place: 'Bench', tare: null }],
      },
    ],
  });
  await post('/api/sessions', { id, session: { title: 'Fuzzed', held_on: '2031-02-03' } });
  const seats = ['Ada Quoin', 'Bo Trow'].map((name) => ({
    id: crypto.randomUUID(),
    name,
    wrist_mm: 165,
    wrist_method: 'tape',
    project: 'band-buckle',
  }));
  const view = (await post(`/api/sessions/${id}/seats`, { seats })) as { seats: { id: string; person_id: string }[] };
  const shelf = (await (await fetch(`${base}/api/shelf/items/cord/sheathed-4/race`)).json()) as {
    lots: { id: string }[];
  };
  return [
    id,
    ...view.seats.flatMap((seat) => [seat.id, seat.person_id]),
    ...shelf.lots.slice(0, 2).map((lot) => lot.id),
  ];
}

/** Longer than this no answer should take. */
const SLOW_MS = 2000;

interface Answer {
  readonly status: number;
  readonly type: string;
  readonly text: string;
}

/** Sends one request as it is: what browsers forbid, methods and headers, too. */
const send = (base: string, { method, path, headers, body }: FuzzRequest): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const sent = request(
      new URL(path, base),
      { method, headers: { ...headers, ...(body !== null && { 'content-length': Buffer.byteLength(body) }) } },
      (answer) => {
        const parts: Buffer[] = [];
        answer.on('data', (part: Buffer) => parts.push(part));
        answer.on('error', reject);
        answer.on('end', () =>
          resolve({
            status: answer.statusCode!,
            type: answer.headers['content-type'] ?? '',
            text: Buffer.concat(parts).toString(),
          }),
        );
      },
    );
    sent.setTimeout(15_000, () => sent.destroy(new Error('timeout')));
    sent.on('error', reject);
    sent.end(body ?? undefined);
  });

/** Sends so many requests to both listeners, some at once; answers what was wrong with any answer, and which statuses there were. */
export async function fuzz(
  bases: Readonly<Record<FuzzRequest['listener'], string>>,
  seed: number,
  many: number,
  atOnce: number,
): Promise<{
  readonly faults: string[];
  readonly statuses: Map<number, number>;
  readonly slowest: number;
  readonly slow: readonly string[];
}> {
  const sent = requests(seed, await makeKnown(bases.home), bases);
  const faults: string[] = [];
  const statuses = new Map<number, number>();
  const slow: string[] = [];
  let slowest = 0;
  let left = many;
  const one = async (own: FuzzRequest): Promise<void> => {
    const start = performance.now();
    try {
      const answer = await send(bases[own.listener], own);
      const ms = performance.now() - start;
      slowest = Math.max(slowest, ms);
      if (ms > SLOW_MS) slow.push(`${ms.toFixed(0)} ms ${own.method} ${own.path.slice(0, 120)}`);
      statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
      const fault = faultOf(own, { ...answer, ms });
      if (fault) faults.push(fault);
    } catch (error) {
      faults.push(`${own.method} ${own.path}: no answer (${(error as Error).message})`);
    }
  };
  const work = async (): Promise<void> => {
    while (left-- > 0) await one(sent.next().value as FuzzRequest);
  };
  await Promise.all(Array.from({ length: atOnce }, work));
  return { faults, statuses, slowest, slow };
}
