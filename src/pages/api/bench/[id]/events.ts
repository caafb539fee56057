import type { APIRoute } from 'astro';
import { followBench } from '../../../../app/bench/feed';
import { tabletAt } from '../../../../app/bench/tablets';
import type { ProgressEntry } from '../../../../core/bench';
import { Problem } from '../../../../core/problem';
import { entryNumber } from '../../../../http/address/entry-number';
import { isUuid } from '../../../../http/ids';
import { TABLET_COOKIE } from '../../../../http/room-door';

/** Something is sent this often, so that neither side takes the other for lost; and a tablet that is not paired any more is let go. */
const BEAT_MS = 10_000;

/** The n-th entry that whoever asks has had: where it was cut off, or as its page was opened. */
const hadBy = (request: Request, url: URL): number =>
  entryNumber(request.headers.get('last-event-id') ?? url.searchParams.get('after'));

/** A session's bench as it goes on, as server-sent events: each numbered, so that a page that was cut off asks for what it has not had. */
export const GET: APIRoute = ({ params, request, url, cookies, locals }) => {
  const { id = '' } = params;
  if (!isUuid(id)) throw new Problem(404, 'not-found', 'There is no such session.');
  const encoder = new TextEncoder();
  let stop = (): void => undefined;
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
      const tell = (entries: readonly ProgressEntry[]): void =>
        send(`id: ${entries.at(-1)!.n}\ndata: ${JSON.stringify(entries)}\n\n`);
      const end = (): void => {
        stop();
        try {
          controller.close();
        } catch {
          // Gone already: whoever asked has left.
        }
      };
      const beat = (): void => send(`event: now\ndata: ${Date.now()}\n\n`);
      send('retry: 1000\n');
      beat();
      const unfollow = followBench(id, hadBy(request, url), tell, end);
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
        isOpen = false;
        clearInterval(timer);
        unfollow();
      };
    },
    cancel() {
      stop();
    },
  });
  return new Response(body, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  });
};
