import { defineMiddleware } from 'astro:middleware';
import { Problem } from './core/problem';
import { logFailure } from './http/log-failure';

/** What Astro's own policy, which lists each inline script and style by its hash, leaves open. */
const POLICY =
  "default-src 'self'; img-src 'self' data: blob:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

function withPolicy(response: Response): Response {
  const own = response.headers.get('content-security-policy');
  // A page that was rewritten to another comes by twice.
  if (own?.includes(POLICY)) return response;
  response.headers.set('content-security-policy', own ? `${own.replace(/;\s*$/, '')}; ${POLICY}` : POLICY);
  return response;
}

/** Pages that cannot be shown say so plainly, with the status that fits; endpoints answer for themselves. */
export const onRequest = defineMiddleware(async (context, next) => {
  try {
    return withPolicy(await next());
  } catch (error) {
    if (context.url.pathname.startsWith('/api/')) throw error;
    const problem = error instanceof Problem ? error : null;
    if (!problem) logFailure(error, context.routePattern);
    const query = new URLSearchParams({ status: String(problem?.status ?? 500), detail: problem?.message ?? '' });
    return context.rewrite(`/problem?${query}`);
  }
});
