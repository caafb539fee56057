import { randomBytes } from 'node:crypto';
import { defineMiddleware } from 'astro:middleware';
import { atRoomDoor } from './gate';
import { Problem } from './core/problem';
import { logFailure } from './http/log-failure';
import { problemResponse } from './http/problem-response';
import { inTurn } from './http/limits/queue';
import { isGoodText } from './http/read-body';
import { isOurHost } from './http/site';

/** What Astro's own policy, which lists each inline script and style by its hash, leaves open. */
const POLICY =
  "default-src 'self'; img-src 'self' data: blob:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

/**
 * Pages with styles of single elements: charts, whose library writes those and a sheet of styles, which it marks; and sheets, whose
 * columns are as wide as they say.
 */
const STYLED: ReadonlySet<string> = new Set(['/sessions/[id]/[page]', '/shelf', '/records', '/order-list']);

/** Pages on which a label is read by the camera. */
const SEEING: ReadonlySet<string> = new Set(['/', '/shelf', '/sessions/[id]/[page]', '/bench/[id]/kit']);

/** A policy under which such a page may be styled by what carries its mark. Styles of single elements hold no script. */
function withCharts(policy: string, nonce: string): string {
  const styles = /(?:^|;)\s*style-src ([^;]*)/.exec(policy)?.[1]?.trim() ?? "'self'";
  return `${policy.replace(/;\s*$/, '')}; style-src-elem ${styles} 'nonce-${nonce}'; style-src-attr 'unsafe-inline'`;
}

/** What every answer carries: the policy, and that nobody keeps it, since it may be about people. */
function guarded(response: Response, nonce: string | null = null): Response {
  const astro = response.headers.get('content-security-policy');
  const own = astro && nonce && !astro.includes('style-src-elem') ? withCharts(astro, nonce) : astro;
  // A page that was rewritten to another comes by twice.
  // While it is developed, what Astro writes into a page is not listed.
  if (!import.meta.env.DEV && !own?.includes(POLICY))
    response.headers.set('content-security-policy', own ? `${own.replace(/;\s*$/, '')}; ${POLICY}` : POLICY);
  // Drawings have nobody on them, and say themselves how long they hold.
  if (
    response.headers.get('content-type') !== 'image/svg+xml' &&
    !response.headers.get('cache-control')?.includes('no-store')
  )
    response.headers.set('cache-control', 'no-store');
  return response;
}

/** Whether an address is whole characters, none of them NUL or a control: no file, id or word has one. */
function isGoodAddress({ pathname, search }: URL): boolean {
  try {
    const text = decodeURIComponent(pathname) + decodeURIComponent(search.replaceAll('+', ' '));

    return isGoodText(text) && !/[\u0000-\u001f\u007f]/.test(text);
  } catch {
    return false;
  }
}

/** Pages are read; what changes something is an endpoint. */
const PAGE_METHODS: ReadonlySet<string> = new Set(['GET', 'HEAD']);

const TOLD: Readonly<Record<number, [code: string, detail: string]>> = {
  404: ['not-found', 'There is nothing at this address.'],
  405: ['wrong-method', 'This address does not take that method.'],
};

/** An API's answer that says what is wrong in another way than every other does: as problem details. */
function asProblem(response: Response, isKnown: boolean): Response {
  const said = response.headers.get('content-type') ?? '';
  if (response.status < 400 || said.startsWith('application/problem+json')) return response;
  const status = response.status === 404 && isKnown ? 405 : response.status;
  const [code, detail] = TOLD[status] ?? ['unforeseen', 'Something went wrong on the server.'];
  return problemResponse(status, code, detail);
}

/** Pages that cannot be shown say so plainly, with the status that fits; endpoints answer in problem details, always. */
export const onRequest = defineMiddleware(async (context, next) => {
  if (!isOurHost(context.request, context.locals.door))
    return guarded(problemResponse(421, 'other-host', 'Lapboard is not reached by this name.'));
  const isRoom = context.locals.door === 'room';
  const isApi = context.url.pathname.startsWith('/api/');
  if (!isApi && !PAGE_METHODS.has(context.request.method))
    return guarded(problemResponse(405, 'wrong-method', 'This address does not take that method.'));
  if (!isGoodAddress(context.url))
    return isApi || isRoom
      ? guarded(problemResponse(400, 'address', 'This address cannot be read.'))
      : context.rewrite('/problem?status=404');
  try {
    const refused = isRoom ? await atRoomDoor(context) : null;
    if (refused) return guarded(refused);
    const nonce = STYLED.has(context.routePattern) ? randomBytes(16).toString('base64') : null;
    context.locals.chartNonce = nonce;
    const response = await inTurn(context.request, context.locals.door, next);
    if (SEEING.has(context.routePattern))
      response.headers.set('permissions-policy', 'camera=(self), microphone=(), geolocation=()');
    return guarded(isApi ? asProblem(response, context.routePattern.startsWith('/api/')) : response, nonce);
  } catch (error) {
    const problem = error instanceof Problem ? error : null;
    if (!problem) logFailure(error, `${context.request.method} ${context.routePattern}`);
    // The page that tells of problems is not listed at the door to the room.
    if (isApi || isRoom)
      return guarded(
        problemResponse(
          problem?.status ?? 500,
          problem?.code ?? 'unforeseen',
          problem?.message ?? 'Something went wrong on the server.',
        ),
      );
    const query = new URLSearchParams({ status: String(problem?.status ?? 500), detail: problem?.message ?? '' });
    return context.rewrite(`/problem?${query}`);
  }
});
