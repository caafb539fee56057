import type { ComponentProps } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { Strip } from './strip';

/** A strip as text for a page that the server writes; of a piece that cannot be drawn, the words that say so. */
export function stripMarkup(props: ComponentProps<typeof Strip>): string {
  try {
    return renderToStaticMarkup(<Strip {...props} />);
  } catch {
    return renderToStaticMarkup(<span className="quiet text-sm">This piece cannot be drawn.</span>);
  }
}
