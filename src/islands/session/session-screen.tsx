import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Suspense, use, useMemo, useState } from 'react';
import type { RoomTimes } from '../../core/room';
import type { SessionView } from '../../core/session';
import { borrow } from '../../ui/page-data';
import { Board } from './board/board';
import { planAhead } from './model/plan-ahead';

/** The board, once its seats are planned: until then what the server drew stands there. */
function Planned({ planned, ...props }: { planned: Promise<void> | null } & Parameters<typeof Board>[0]) {
  if (planned) use(planned);
  return <Board {...props} />;
}

/**
 * The session's island: one query client for the life of the page. The session comes as JSON text, which is far quicker to write
 * and to read than a value at a time; the studio is lent under its id.
 */
export function SessionScreen({
  session,
  studio,
  times,
  ...props
}: { session: string; studio: string; times: string | null } & Omit<
  Parameters<typeof Board>[0],
  'initial' | 'initialTimes'
>) {
  const [client] = useState(() => new QueryClient());
  const initial = useMemo(
    (): SessionView => ({
      ...(JSON.parse(session) as Omit<SessionView, 'studio'>),
      studio: borrow<SessionView['studio']>(studio),
    }),
    [session, studio],
  );
  const initialTimes = useMemo(() => times && (JSON.parse(times) as RoomTimes), [times]);
  // The server plans at once: it has nothing else to answer to on this page.
  const [planned] = useState(() => (typeof window === 'undefined' ? null : planAhead(initial)));
  return (
    <QueryClientProvider client={client}>
      <Suspense>
        <Planned {...props} initial={initial} initialTimes={initialTimes || null} planned={planned} />
      </Suspense>
    </QueryClientProvider>
  );
}
