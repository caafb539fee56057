import PQueue from 'p-queue';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { Problem } from '../../core/problem';
import { isHeavy } from './heavy';

/** Two at once: while one waits for the database, the other goes on. */
const queue = new PQueue({ concurrency: 2 });
const MAX_WAITING = 200;

/**
 * Does a request's work in its turn where it is a heavy one, so that the others are answered in between; given up when its client has
 * left. A page is rendered whole within its turn.
 *
 * @throws Problem 503 where too many wait, or nobody waits for the answer any more
 */
export async function inTurn(request: Request, work: () => Promise<Response>): Promise<Response> {
  if (!isHeavy(request.method, new URL(request.url).pathname)) return work();
  if (queue.size >= MAX_WAITING)
    throw new Problem(503, 'busy', 'Many pages are being made. Nothing is lost; try again in a moment.');
  const { signal } = request;
  try {
    const answer = await queue.add(
      async () => {
        await nextTurn();
        const response = await work();
        const body = response.body && (await response.arrayBuffer());
        return new Response(body, response);
      },
      { signal },
    );
    return answer as Response;
  } catch (error) {
    if (signal.aborted) throw new Problem(503, 'cancelled', 'Cancelled: nobody waits for the answer.');
    throw error;
  }
}
