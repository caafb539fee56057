import { QueryClient, useInfiniteQuery, useQuery, useQueryClient, type InfiniteData } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import type { ItemView, ShelfView } from '../../app/shelf/shelf';
import type { OutlookView } from '../../app/buying/outlook';
import type { LedgerLine } from '../../data/shelf/ledger';
import { LEDGER_PAGE } from '../../core/shelf';
import { problemOf, request, type RequestProblem } from '../../ui/api';

/** What is asked for by itself, where it is looked at first: a page is read before it is taken over. */
export interface FirstSeen {
  readonly outlook?: OutlookView | undefined;
  readonly ledger?: readonly LedgerLine[] | undefined;
  readonly item?: ItemView | undefined;
}

/** Keeps what the shelf’s screens have asked for, from what came with the page on. */
export function shelfClient({ outlook, ledger, item }: FirstSeen, selected: string | null): QueryClient {
  const client = new QueryClient();
  if (outlook) client.setQueryData(['outlook'], outlook);
  if (ledger) client.setQueryData(['ledger', null], { pages: [ledger], pageParams: [null] });
  if (item) client.setQueryData(['shelf', 'item', selected], item);
  return client;
}

/** The shelf on screen: its totals, the item looked at, and what is done to them. */
export function useShelf(initial: ShelfView, selected: string | null) {
  const client = useQueryClient();
  const { data: shelf } = useQuery<ShelfView, RequestProblem>({
    queryKey: ['shelf'],
    queryFn: () => request('GET', '/api/shelf'),
    initialData: initial,
    staleTime: 5000,
  });
  const { data: item } = useQuery<ItemView, RequestProblem>({
    queryKey: ['shelf', 'item', selected],
    queryFn: () => request('GET', `/api/shelf/items/${selected!}`),
    enabled: selected !== null,
  });
  const [problem, setProblem] = useState<string | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  /** Does something to the shelf and looks at it again; true when it was done. What speaks against it is kept to be shown. */
  const act = useCallback(
    async (work: () => Promise<unknown>, said: string | (() => string)): Promise<boolean> => {
      setBusy(true);
      setProblem(null);
      setDone(null);
      try {
        await work();
        setDone(typeof said === 'string' ? said : said());
        return true;
      } catch (failed) {
        setProblem(problemOf(failed).message);
        return false;
      } finally {
        setBusy(false);
        // Looked at again meanwhile: a form that waited for it would close over what is written into it next.
        for (const key of ['shelf', 'ledger', 'outlook']) void client.invalidateQueries({ queryKey: [key] });
      }
    },
    [client],
  );
  return { shelf, item, problem, done, busy, act };
}

export type ShelfModel = ReturnType<typeof useShelf>;

export const useOutlook = () =>
  useQuery<OutlookView, RequestProblem>({ queryKey: ['outlook'], queryFn: () => request('GET', '/api/outlook') });

/** Movements of one lot or of all, newest first, page by page. */
export const useLedger = (lot: string | null) =>
  useInfiniteQuery<LedgerLine[], RequestProblem, InfiniteData<LedgerLine[]>, unknown[], string | null>({
    queryKey: ['ledger', lot],
    queryFn: ({ pageParam: before }) => {
      const of = new URLSearchParams({ ...(lot && { lot }), ...(before && { before }) });
      return request('GET', `/api/shelf/ledger?${of}`);
    },
    initialPageParam: null,
    getNextPageParam: (page) => (page.length < LEDGER_PAGE ? null : page.at(-1)!.id),
  });
