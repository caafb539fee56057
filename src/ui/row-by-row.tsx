import { Suspense, type ReactElement } from 'react';
import { Later } from './fields/as-text';

/** So many rows have their fields from the first: as many as a screen shows, and most sessions have. */
const SEEN = 16;

/**
 * Many rows of a page, by their keys: each is taken over by itself, so that the page answers meanwhile; further down than a screen
 * shows their fields come once somebody works on the page.
 */
export const RowByRow = ({ children }: { children: readonly ReactElement[] }) =>
  children.map((row, i) => (
    <Suspense key={row.key} fallback={null}>
      <Later turn={i - SEEN + 1}>{row}</Later>
    </Suspense>
  ));
