import { randomUUID } from 'node:crypto';
import PQueue from 'p-queue';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { Problem } from '../../core/problem';
import { isHeavy } from './heavy';

/** Two at once: while one waits for the database, the other goes on. */
const queue = new PQueue({ concurrency: 2 });
const MAX_WAITING = 200;

/** An answer as it is made once and given to everybody who waits for the same. */
interface Made {
  readonly body: ArrayBuffer | null;
  readonly init: ResponseInit;
}
interface Waiting {
  readonly signals: AbortSignal[];
  readonly made: Promise<Made>;
}

/** Answers that are not begun yet, by what they depend on. Another request for the same joins in, and misses no change by it. */
const waiting = new Map<string, Waiting>();

/** What an answer depends on. A page is marked for its own reader, and is made for each. */
const keyOf = ({ url, headers }: Request, door: App.Locals['door']): string =>
  new URL(url).pathname.startsWith('/api/')
    ? [door, url, headers.get('cookie'), headers.get('lapboard-studio')].join('\n')
    : randomUUID();

async function begin(key: string, signals: readonly AbortSignal[], work: () => Promise<Response>): Promise<Made> {
  await nextTurn();
  waiting.delete(key);
  if (signals.every(({ aborted }) => aborted))
    throw new Problem(503, 'cancelled', 'Cancelled: nobody waits for the answer.');
  const response = await work();
  const { status, headers } = response;
  return { body: response.body && (await response.arrayBuffer()), init: { status, headers } };
}

/**
 * Does a request's work in its turn where it is a heavy one, so that the others are answered in between; given up when its client has
 * left. A page is rendered whole within its turn.
 *
 * @throws Problem 503 where too many wait, or nobody waits for the answer any more
 */
export async function inTurn(
  request: Request,
  door: App.Locals['door'],
  work: () => Promise<Response>,
): Promise<Response> {
  if (!isHeavy(request.method, new URL(request.url).pathname)) return work();
  if (queue.size >= MAX_WAITING)
    throw new Problem(503, 'busy', 'Many pages are being made. Nothing is lost; try again in a moment.');
  const key = keyOf(request, door);
  const signals: AbortSignal[] = [];
  const known = waiting.get(key) ?? { signals, made: queue.add(() => begin(key, signals, work)) as Promise<Made> };
  known.signals.push(request.signal);
  waiting.set(key, known);
  const { body, init } = await known.made;
  return new Response(body, init);
}
