import { Suspense, use, useState, type ReactNode } from 'react';
import type { SessionView } from '../../../core/session';
import { planAhead } from './plan-ahead';

function Once({ planned, children }: { planned: Promise<void> | null; children: ReactNode }) {
  if (planned) use(planned);
  return children;
}

/** What shows a session, once its seats are planned: until then what the server drew stands there. */
export function WhenPlanned({ view, children }: { view: SessionView; children: ReactNode }) {
  // The server plans at once: it has nothing else to answer to on this page.
  const [planned] = useState(() => (typeof window === 'undefined' ? null : planAhead(view)));
  return (
    <Suspense>
      <Once planned={planned}>{children}</Once>
    </Suspense>
  );
}
