import { messageOf } from '../core/result';

/** A failure of a request: the server's problem details, or that the server (or its database) cannot be reached. */
export class RequestProblem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    detail: string,
    readonly pointer: string | null,
    readonly current: unknown,
  ) {
    super(detail);
  }

  /** Whether the same request may do later, unchanged. */
  get away(): boolean {
    return this.status === 0 || this.status === 502 || this.status === 503 || this.status === 504;
  }
}

/** What failed, as a problem to be told: what is not one is a fault of this page. */
export const problemOf = (failed: unknown): RequestProblem =>
  failed instanceof RequestProblem ? failed : new RequestProblem(500, 'fault', messageOf(failed), null, undefined);

interface ProblemDetails {
  type?: string;
  detail?: string;
  pointer?: string;
  current?: unknown;
}

/** Sends a request to Lapboard's own server and reads the answer. */
export async function request<T>(
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body: unknown = {},
  headers: Readonly<Record<string, string>> = {},
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: { ...headers, ...(method !== 'GET' && { 'content-type': 'application/json' }) },
      ...(method !== 'GET' && { body: JSON.stringify(body) }),
      signal: AbortSignal.timeout(20_000),
    });
  } catch {
    throw new RequestProblem(0, 'away', 'The server cannot be reached.', null, undefined);
  }
  if (response.ok) return (response.status === 204 ? undefined : await response.json()) as T;
  const details = (await response.json().catch(() => ({}))) as ProblemDetails;
  const code = details.type?.split('/').at(-1) ?? 'unknown';
  throw new RequestProblem(
    response.status,
    code,
    details.detail ?? `The server answered ${response.status}.`,
    details.pointer ?? null,
    details.current,
  );
}

/** Keys of what was asked and not answered. */
const unanswered = new Map<string, string>();

/**
 * Asks for something to be booked, under a key of its own. Where no answer came it may be booked or not: asked for again, the
 * same carries the same key, and is booked once.
 */
export async function book<T>(
  method: 'POST' | 'DELETE',
  path: string,
  content: object,
  headers: Readonly<Record<string, string>> = {},
): Promise<T> {
  const what = `${method} ${path} ${JSON.stringify(content)}`;
  const key = unanswered.get(what) ?? crypto.randomUUID();
  unanswered.set(what, key);
  try {
    const answer = await request<T>(method, path, { ...content, key }, headers);
    unanswered.delete(what);
    return answer;
  } catch (failed) {
    if (!problemOf(failed).away) unanswered.delete(what);
    throw failed;
  }
}
