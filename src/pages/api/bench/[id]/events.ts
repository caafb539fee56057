import type { APIRoute } from 'astro';
import { followBench } from '../../../../app/bench/feed';
import { tabletAt } from '../../../../app/bench/tablets';
import { sessionExists } from '../../../../app/session/session';
import type { ProgressEntry } from '../../../../core/bench';
import { Problem } from '../../../../core/problem';
import { entryNumber } from '../../../../http/address/entry-number';
import { countFollower } from '../../../../http/limits/followers';
import { isUuid } from '../../../../http/ids';
import { TABLET_COOKIE } from '../../../../http/room-door';
import { isFromOtherSite } from '../../../../http/site';

/** Something is sent this often, so that neither side takes the other for lost; and a tablet that is no longer paired is disconnected. */
const BEAT_MS = 10_000;
/** The most entries in one event: a page that has missed many reads them in parts. */
const MAX_ENTRIES_PER_EVENT = 400;

const HEADERS = { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' };

/** The number of the last entry that the page has: where it was cut off, or as it was opened. */
const lastEntryOf = (request: Request, url: URL): number =>
  entryNumber(request.headers.get('last-event-id') ?? url.searchParams.get('after'));

/** Says what the stream would be, and starts none. */
export const HEAD: APIRoute = () => new Response(null, { headers: HEADERS });

/** A session's bench as it goes on, as server-sent events: each numbered, so that a page that was cut off asks for the rest. */
export const GET: APIRoute = async ({ params, request, url, cookies, locals }) => {
  const { id = '' } = params;
  if (isFromOtherSite(request, locals.door))
    throw new Problem(403, 'cross-origin', 'Only pages of Lapboard itself can follow a session.');
  if (!isUuid(id) || !(await sessionExists(id))) throw new Problem(404, 'not-found', 'There is no such session.');
  const uncount = countFollower(locals.address ?? 'here', id);
  const encoder = new TextEncoder();
  let stop = uncount;
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      let isOpen = true;
      const send = (text: string): void => {
        if (!isOpen) return;
        try {
          controller.enqueue(encoder.encode(text));
        } catch {
          stop();
        }
      };
      const tell = (entries: readonly ProgressEntry[]): void => {
        for (let from = 0; from < entries.length; from += MAX_ENTRIES_PER_EVENT) {
          const some = entries.slice(from, from + MAX_ENTRIES_PER_EVENT);
          send(`id: ${some.at(-1)!.n}\ndata: ${JSON.stringify(some)}\n\n`);
        }
      };
      const end = (): void => {
        stop();
        try {
          controller.close();
        } catch {
          // Closed already: the client has left.
        }
      };
      const beat = (): void => send(`event: now\ndata: ${Date.now()}\n\n`);
      send('retry: 1000\n');
      beat();
      const unfollow = followBench(id, lastEntryOf(request, url), tell, end);
      const token = cookies.get(TABLET_COOKIE)?.value ?? '';
      const timer = setInterval(() => {
        beat();
        if (locals.door === 'room')
          void tabletAt(token, id).then(
            (tablet) => !tablet && end(),
            () => undefined,
          );
      }, BEAT_MS);
      stop = () => {
        if (!isOpen) return;
        isOpen = false;
        clearInterval(timer);
        unfollow();
        uncount();
      };
      // A client that left before its answer began is never heard of by the stream itself.
      if (request.signal.aborted) end();
      else request.signal.addEventListener('abort', end, { once: true });
    },
    cancel() {
      stop();
    },
  });
  return new Response(body, { headers: HEADERS });
};
