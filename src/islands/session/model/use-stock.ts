import { useQuery, type QueryClient } from '@tanstack/react-query';
import type { SessionStock } from '../../../app/kits/session-stock';
import { request, type RequestProblem } from '../../../ui/api';

const keyOf = (id: string): readonly string[] => ['stock', id, 'kit'];

/** Keeps what the shelf had for a session when its page was made: a page is read before it is taken over. */
export const keepStock = (client: QueryClient, id: string, stock: SessionStock): void => {
  client.setQueryData(keyOf(id), stock);
};

/** What the shelf has for a session's kits, and its prices; undefined until it is known. */
export const useStock = (id: string): SessionStock | undefined =>
  useQuery<SessionStock, RequestProblem>({
    queryKey: keyOf(id),
    queryFn: () => request('GET', `/api/sessions/${id}/stock`),
  }).data;
