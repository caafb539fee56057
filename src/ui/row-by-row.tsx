import { Suspense, type ReactElement } from 'react';
import { Later } from './fields/as-text';

/** So many rows have their fields from the first: those that are gone to first. The others look the same until then. */
const SEEN = 8;

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
