import { Suspense, type ReactElement } from 'react';
import { Later } from './fields/as-text';

/** So many rows have their fields from the first: about what a screen shows. */
const SEEN = 10;

/** Many rows of a page, by their keys: each is taken over by itself, so that the page answers meanwhile; their fields from the first row down. */
export const RowByRow = ({ children }: { children: readonly ReactElement[] }) =>
  children.map((row, i) => (
    <Suspense key={row.key} fallback={null}>
      <Later turn={i - SEEN + 1}>{row}</Later>
    </Suspense>
  ));
