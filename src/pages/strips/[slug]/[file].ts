import type { APIRoute } from 'astro';
import { createHash } from 'node:crypto';
import { drawnProject } from '../../../app/studio/projects';
import { notFound } from '../../../core/problem';
import { readerOf } from '../../../http/reader';
import { drawingOf } from '../../../ui/strip/drawing';

/** A drawing by its name; of the project as it ships, or with its colours turned round. */
const FILE = /^(shipped-)?(turned-)?([a-z0-9-]+)\.svg$/;

interface Drawing {
  readonly svg: string;
  readonly tag: string;
}

/** Drawings that were made, by what they follow from, the last asked for last. */
const kept = new Map<string, Drawing>();
const MOST = 300;

/** A drawing of a project as a file: drawn once, and asked for again by what is in it. */
export const GET: APIRoute = async ({ params: { slug = '', file = '' }, request, cookies }) => {
  const [, shipped, turned, name] = FILE.exec(file) ?? [];
  if (name === undefined) throw notFound('drawing');
  const { plan, mark, settings } = await drawnProject(slug, shipped !== undefined, turned !== undefined);
  const { units } = readerOf(cookies, settings);
  const key = `${mark} ${slug} ${file} ${units}`;
  let drawing = kept.get(key);
  if (!drawing) {
    const svg = drawingOf(plan, name, units);
    if (svg === null) throw notFound('drawing');
    drawing = { svg, tag: `"${createHash('sha256').update(svg).digest('base64url').slice(0, 22)}"` };
  }
  kept.delete(key);
  kept.set(key, drawing);
  if (kept.size > MOST) kept.delete(kept.keys().next().value!);
  const headers = { etag: drawing.tag, 'cache-control': 'private, no-cache', 'content-type': 'image/svg+xml' };
  return request.headers.get('if-none-match') === drawing.tag
    ? new Response(null, { status: 304, headers })
    : new Response(drawing.svg, { headers });
};
