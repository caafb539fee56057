import { defineMiddleware } from 'astro:middleware';
import { Problem } from './core/problem';

/** Pages that cannot be shown say so plainly, with the status that fits; endpoints answer for themselves. */
export const onRequest = defineMiddleware(async (context, next) => {
  try {
    return await next();
  } catch (error) {
    if (context.url.pathname.startsWith('/api/')) throw error;
    const problem = error instanceof Problem ? error : null;
    if (!problem) console.error(error);
    const query = new URLSearchParams({ status: String(problem?.status ?? 500), detail: problem?.message ?? '' });
    return context.rewrite(`/problem?${query}`);
  }
});
