import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import type { SessionStock } from '../../app/kits/session-stock';
import type { RoomTimes } from '../../core/room';
import type { SessionView } from '../../core/session';
import { borrow } from '../../ui/page-data';
import { Board } from './board/board';
import { keepStock } from './model/use-stock';
import { WhenPlanned } from './model/when-planned';

/**
 * The session's island: one query client for the life of the page. The session comes as JSON text, which is far quicker to write
 * and to read than a value at a time; the studio is lent under its id.
 */
export function SessionScreen({
  session,
  studio,
  times,
  stock,
  ...props
}: { session: string; studio: string; times: string | null; stock: string | null } & Omit<
  Parameters<typeof Board>[0],
  'initial' | 'initialTimes'
>) {
  const initial = useMemo(
    (): SessionView => ({
      ...(JSON.parse(session) as Omit<SessionView, 'studio'>),
      studio: borrow<SessionView['studio']>(studio),
    }),
    [session, studio],
  );
  const [client] = useState(() => {
    const made = new QueryClient();
    if (stock) keepStock(made, initial.session.id, JSON.parse(stock) as SessionStock);
    return made;
  });
  const initialTimes = useMemo(() => (times === null ? null : (JSON.parse(times) as RoomTimes)), [times]);
  return (
    <QueryClientProvider client={client}>
      <WhenPlanned view={initial}>
        <Board {...props} initial={initial} initialTimes={initialTimes} />
      </WhenPlanned>
    </QueryClientProvider>
  );
}
