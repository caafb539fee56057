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

/** Sends so many requests, some at once; answers what was wrong with any answer, and which statuses there were. */
export async function fuzz(
  base: string,
  seed: number,
  many: number,
  atOnce: number,
): Promise<{ readonly faults: string[]; readonly statuses: Map<number, number>; readonly slowest: number }> {
  const sent = requests(seed, await makeKnown(base), base);
  const faults: string[] = [];
  const statuses = new Map<number, number>();
  let slowest = 0;
  let left = many;
  const one = async (request: FuzzRequest): Promise<void> => {
    const start = performance.now();
    try {
      const answer = await fetch(`${base}${request.path}`, {
        method: request.method,
        headers: request.headers,
        ...(request.body !== null && { body: request.body }),
        signal: AbortSignal.timeout(15_000),
      });
      const text = await answer.text();
      const ms = performance.now() - start;
      slowest = Math.max(slowest, ms);
      statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
      const fault = faultOf(request, {
        status: answer.status,
        type: answer.headers.get('content-type') ?? '',
        text,
        ms,
      });
      if (fault) faults.push(fault);
    } catch (error) {
      faults.push(`${request.method} ${request.path}: no answer (${(error as Error).message})`);
    }
  };
  const work = async (): Promise<void> => {
    while (left-- > 0) await one(sent.next().value as FuzzRequest);
  };
  await Promise.all(Array.from({ length: atOnce }, work));
  return { faults, statuses, slowest };
}
