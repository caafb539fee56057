import type { APIContext } from 'astro';

/** The header in which a page says which studio it has: a catalogue of hundreds of documents is not sent again with every answer. */
const HEADER = 'lapboard-studio';

/** A view without its studio, where the page has that very one already. */
export function unlessKnown<T extends { readonly studio: { readonly mark: string } }>(
  view: T,
  { request }: APIContext,
): T | Omit<T, 'studio'> {
  if (request.headers.get(HEADER) !== view.studio.mark) return view;
  const { studio: _, ...rest } = view;
  return rest;
}
