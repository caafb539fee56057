import type { APIContext, APIRoute } from 'astro';

import { Problem } from '../core/problem';
import type { Fault, Result } from '../core/result';
import { isUuid } from './ids';
import { logFailure } from './log-failure';
import { problemResponse } from './problem-response';
import { readJson } from './read-body';
import { isFromOurPage } from './site';

const answer = (value: unknown): Response =>
  value === undefined
    ? new Response(null, { status: 204 })
    : new Response(JSON.stringify(value), {
        headers: { 'content-type': 'application/json', 'cache-control': 'no-store' },
      });

const notFromHere = (): Response =>
  problemResponse(403, 'cross-origin', 'Changes are taken from Lapboard’s own pages only.');

/** Tells a failure: a problem as itself, anything unforeseen without its inside. */
function tell(error: unknown, { request, routePattern }: APIContext): Response {
  if (error instanceof Problem) return problemResponse(error.status, error.code, error.message, error.more);
  logFailure(error, `${request.method} ${routePattern}`);
  return problemResponse(
    500,
    'unforeseen',
    'Something went wrong on the server. Nothing was stored; try again, and if it stays, look at the server’s log.',
  );
}

/** An endpoint that reads: parameters in, a use case's answer out. */
export function reads(work: (context: APIContext) => Promise<unknown>): APIRoute {
  return async (context) => {
    try {
      return answer(await work(context));
    } catch (error) {
      return tell(error, context);
    }
  };
}

/** A file to keep: whole, or in parts that are made as they are taken. */
export interface Download {
  readonly body: Uint8Array | string | AsyncGenerator<Uint8Array | string>;
  readonly type: string;
  readonly name: string;
}

const isWhole = (body: Download['body']): body is Uint8Array | string =>
  typeof body === 'string' || body instanceof Uint8Array;

/**
 * Parts as a stream that makes the next when the one before is on its way. The first is made at once, so that what fails before
 * anything is sent is answered as a problem.
 */
async function streamOf(
  parts: AsyncGenerator<Uint8Array | string>,
  { locals, request, routePattern }: APIContext,
): Promise<ReadableStream> {
  const encoder = new TextEncoder();
  const bytesOf = (part: Uint8Array | string): Uint8Array => (typeof part === 'string' ? encoder.encode(part) : part);
  let next = await parts.next();
  return new ReadableStream<Uint8Array>(
    {
      async pull(controller) {
        await locals.whenWritable?.();
        if (next.done) return controller.close();
        controller.enqueue(bytesOf(next.value));
        try {
          next = await parts.next();
        } catch (error) {
          // The download breaks off: its status is long on its way.
          logFailure(error, `${request.method} ${routePattern}`);
          throw error;
        }
      },
      async cancel() {
        await parts.return(undefined);
      },
    },
    { highWaterMark: 0 },
  );
}

/** An endpoint that gives a file to keep. */
export function downloads(work: (context: APIContext) => Promise<Download>): APIRoute {
  return async (context) => {
    try {
      const { body, type, name } = await work(context);
      const ascii = name.replace(/[^\w.-]+/g, '-');
      return new Response(isWhole(body) ? (body as BodyInit) : await streamOf(body, context), {
        headers: {
          'content-type': type,
          'content-disposition': `attachment; filename="${ascii}"; filename*=UTF-8''${encodeURIComponent(name)}`,
          // A stream that is compressed on its way would pile up in memory before a slow client.
          'cache-control': isWhole(body) ? 'no-store' : 'no-store, no-transform',
        },
      });
    } catch (error) {
      return tell(error, context);
    }
  };
}

/** An endpoint that writes: from our own page, JSON, checked once, then the use case. */
export function writes<T>(
  check: (value: unknown) => Result<T, Fault>,
  work: (body: T, context: APIContext) => Promise<unknown>,
): APIRoute {
  return async (context) => {
    if (!isFromOurPage(context.request, context.locals.door)) return notFromHere();
    const body = await readJson(context.request);
    if (body instanceof Response) return body;
    const checked = check(body.value);
    if (!checked.ok)
      return problemResponse(422, 'invalid', `${fieldName(checked.fault.at)} ${checked.fault.error}.`, {
        pointer: checked.fault.at,
      });
    try {
      return answer(await work(checked.value, context));
    } catch (error) {
      return tell(error, context);
    }
  };
}

/** A studio of several million records is under this. */
const MAX_FILE_BYTES = 1_000_000_000;

/** The parts of a body as they come, counted: what a request says of its own length is not believed. */
async function* partsOf({ body }: Request): AsyncGenerator<Uint8Array> {
  let size = 0;
  for await (const part of (body ?? []) as AsyncIterable<Uint8Array>) {
    size += part.byteLength;
    if (size > MAX_FILE_BYTES) throw new Problem(413, 'too-large', 'That file is over 1 GB.');
    yield part;
  }
}

/** An endpoint that takes one file of a type, from our own page. */
export function takesFile(
  type: string,
  work: (parts: AsyncGenerator<Uint8Array>, context: APIContext) => Promise<unknown>,
): APIRoute {
  return async (context) => {
    if (!isFromOurPage(context.request, context.locals.door)) return notFromHere();
    if (!context.request.headers.get('content-type')?.startsWith(type))
      return problemResponse(415, 'not-the-type', `Send a file of type ${type}.`);
    const parts = partsOf(context.request);
    try {
      return answer(await work(parts, context));
    } catch (error) {
      // A browser hears an answer only when it has sent its file.
      await discard(parts).catch(() => undefined);
      return tell(error, context);
    }
  };
}

async function discard(parts: AsyncGenerator<Uint8Array>): Promise<void> {
  while (!(await parts.next()).done);
}

/** `/changes/wrist_mm` as a person would name it. */
const fieldName = (pointer: string): string =>
  pointer
    .split('/')
    .filter((part) => part && part !== 'changes')
    .join(' ')
    .replaceAll('_', ' ') || 'The request';

/** The id in the path, or the problem that it is none. */
export function idOf(context: APIContext): string {
  const id = context.params.id ?? '';
  if (!isUuid(id)) throw new Problem(404, 'not-found', 'There is no such page: its address is incomplete.');
  return id;
}
