import { patternOf } from '../path-pattern';

/**
 * Pages and answers that plan one or many whole sessions: each may take half a second of a process with hundreds of seats, so they are
 * made in a process of their own, a few at a time.
 */
const ROUTES = [
  '/',
  '/sessions/[id]/[page]',
  '/bench/[id]',
  '/bench/[id]/kit',
  '/shelf',
  '/records',
  '/order-list',
  '/api/bench/[id]',
  '/api/outlook',
  '/api/orders/list.pdf',
  '/api/sessions/[id]',
  '/api/sessions/[id]/[file]',
  '/api/shelf/instead',
].map(patternOf);

/** Whether a request is for one of them; what writes is not. */
export const isHeavy = (method: string, path: string): boolean =>
  (method === 'GET' || method === 'HEAD') && ROUTES.some((pattern) => pattern.test(path));
