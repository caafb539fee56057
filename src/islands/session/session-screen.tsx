import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import type { SessionView } from '../../app/session';
import { Board } from './board';

/**
 * The session's island: one query client for the life of the page. The view comes as JSON text: the page then carries it as one
 * string, which is far quicker to write and to read than a value at a time.
 */
export function SessionScreen({ view, ...props }: { view: string } & Omit<Parameters<typeof Board>[0], 'initial'>) {
  const [client] = useState(() => new QueryClient());
  const initial = useMemo(() => JSON.parse(view) as SessionView, [view]);
  return (
    <QueryClientProvider client={client}>
      <Board {...props} initial={initial} />
    </QueryClientProvider>
  );
}
