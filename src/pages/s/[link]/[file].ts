import type { APIRoute } from 'astro';
import { openSeatPage } from '../../../app/bench/seat-page';
import { notFound, Problem } from '../../../core/problem';
import { problemResponse } from '../../../http/problem-response';
import { unitsOf } from '../../../http/reader';
import { countingWrong } from '../../../http/limits/wrong';
import { drawingOf } from '../../../ui/strip/drawing';

/** A drawing of a seat's own piece, in its colours. */
export const GET: APIRoute = async ({ params: { link = '', file = '' }, cookies, locals }) => {
  try {
    const { plan } = await countingWrong(openSeatPage(link), locals);
    const [, name] = /^([a-z0-9-]{1,60})\.svg$/.exec(file) ?? [];
    const svg = name === undefined ? null : drawingOf(plan, name, unitsOf(cookies, 'cm'));
    if (svg === null) throw notFound('drawing');
    return new Response(svg, {
      headers: { 'content-type': 'image/svg+xml', 'cache-control': 'private, max-age=7200' },
    });
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    return problemResponse(error.status, error.code, error.message);
  }
};
