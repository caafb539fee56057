import type { APIContext, APIRoute } from 'astro';

import { Problem } from '../core/problem';
import type { Fault, Result } from '../core/result';
import { isUuid } from './ids';
import { logFailure } from './log-failure';
import { problemResponse } from './problem-response';
import { readBytes, readJson } from './read-body';
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

/** An endpoint that gives a file to keep. */
export function downloads(
  work: (context: APIContext) => Promise<{ body: Uint8Array | string; type: string; name: string }>,
): APIRoute {
  return async (context) => {
    try {
      const { body, type, name } = await work(context);
      const ascii = name.replace(/[^\w.-]+/g, '-');
      return new Response(body as BodyInit, {
        headers: {
          'content-type': type,
          'content-disposition': `attachment; filename="${ascii}"; filename*=UTF-8''${encodeURIComponent(name)}`,
          'cache-control': 'no-store',
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

/** A studio's archive is well under this. */
const MOST_FILE_BYTES = 100_000_000;

/** An endpoint that takes one file of a type, from our own page. */
export function takesFile(type: string, work: (bytes: Uint8Array) => Promise<unknown>): APIRoute {
  return async (context) => {
    if (!isFromOurPage(context.request, context.locals.door)) return notFromHere();
    if (!context.request.headers.get('content-type')?.startsWith(type))
      return problemResponse(415, 'not-the-type', `Send a file of type ${type}.`);
    try {
      const bytes = await readBytes(context.request, MOST_FILE_BYTES);
      if (!bytes) return problemResponse(413, 'too-large', 'That is over 100 MB.');
      return answer(await work(bytes));
    } catch (error) {
      return tell(error, context);
    }
  };
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
