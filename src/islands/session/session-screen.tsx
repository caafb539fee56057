import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import type { SessionView } from '../../core/session';
import { borrow } from '../../ui/page-data';
import { Board } from './board/board';

/**
 * The session's island: one query client for the life of the page. The session comes as JSON text, which is far quicker to write
 * and to read than a value at a time; the studio is lent under its id.
 */
export function SessionScreen({
  session,
  studio,
  ...props
}: { session: string; studio: string } & Omit<Parameters<typeof Board>[0], 'initial'>) {
  const [client] = useState(() => new QueryClient());
  const initial = useMemo(
    (): SessionView => ({
      ...(JSON.parse(session) as Omit<SessionView, 'studio'>),
      studio: borrow<SessionView['studio']>(studio),
    }),
    [session, studio],
  );
  return (
    <QueryClientProvider client={client}>
      <Board {...props} initial={initial} />
    </QueryClientProvider>
  );
}
