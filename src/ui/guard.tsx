import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';

/** Keeps a part of the page that cannot be shown to itself: it says so, and its neighbours stay. */
export function Guard({
  what,
  columns,
  of,
  children,
}: {
  /** What cannot be shown then, as `The seat of Ada`. */
  what: string;
  /** For a row of a table: over how many columns it says so. */
  columns?: number;
  /** What it is made of: with another of that it is tried again. */
  of?: unknown;
  children: ReactNode;
}) {
  const words = (
    <span role="alert" className="block border-l-4 border-error bg-base-200 px-3 py-1 text-sm">
      <strong>{what} cannot be shown.</strong> Nothing of it is lost; the rest of the page goes on.
    </span>
  );
  return (
    <ErrorBoundary
      resetKeys={[of]}
      fallback={
        columns === undefined ? (
          words
        ) : (
          <tr>
            <td colSpan={columns}>{words}</td>
          </tr>
        )
      }
    >
      {children}
    </ErrorBoundary>
  );
}
