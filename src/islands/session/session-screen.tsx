import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState } from 'react';
import { Board } from './board';

/** The session's island: one query client for the life of the page. */
export function SessionScreen(props: Parameters<typeof Board>[0]) {
  const [client] = useState(() => new QueryClient());
  return (
    <QueryClientProvider client={client}>
      <Board {...props} />
    </QueryClientProvider>
  );
}
