import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import type { SessionPage } from '../../app/session/session';
import type { SessionLine } from '../../data/sessions';
import { problemOf, request } from '../../ui/api';
import { day, time } from '../../ui/words/region';
import { columnsOf, SortTable } from '../../ui/sort-table';
import { NewSessionForm } from './new-session-form';

const column = columnsOf<SessionLine>();

interface Props {
  today: string;
  first: SessionPage;
  page: number;
}

function Sessions({ today, first, page: firstPage }: Props) {
  const [find, setFind] = useState('');
  const [page, setPage] = useState(firstPage);
  const [gone, setGone] = useState<SessionLine | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { data, error, refetch } = useQuery({
    queryKey: ['sessions', find, page],
    queryFn: () => request<SessionPage>('GET', `/api/sessions?find=${encodeURIComponent(find)}&page=${page}`),
    ...(find === '' && page === firstPage && { initialData: first }),
    placeholderData: (before) => before,
    staleTime: 5_000,
  });
  const { lines, count, size } = data ?? first;
  const columns = useMemo(() => {
    async function remove(line: SessionLine) {
      setProblem(null);
      try {
        await request('DELETE', `/api/sessions/${line.id}`, { version: line.version });
        setGone(line);
        await refetch();
      } catch (fault) {
        setProblem(problemOf(fault).message);
      }
    }
    return [
      column.accessor('held_on', {
        header: 'Day',
        cell: (cell) => day(cell.getValue(), 'dated'),
      }),
      column.accessor((row) => row.starts_at ?? '', {
        id: 'start',
        header: 'Start',
        cell: (cell) => (cell.getValue() ? time(cell.getValue()) : ''),
      }),
      column.accessor('title', {
        header: 'Session',
        cell: (cell) => (
          <a className="font-semibold hover:underline" href={`/sessions/${cell.row.original.id}/seats`}>
            {cell.getValue()}
          </a>
        ),
      }),
      column.accessor('place', { header: 'Place' }),
      column.accessor('seats', { header: 'Seats' }),
      column.accessor((row) => (row.cut ? 'cut' : 'to come'), { id: 'cords', header: 'Cords' }),
      column.display({
        id: 'remove',
        header: 'Delete',
        enableSorting: false,
        cell: (cell) => (
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            onClick={() => void remove(cell.row.original)}
            aria-label={`Delete ${cell.row.original.title}`}
          >
            Delete
          </button>
        ),
      }),
    ];
  }, [refetch]);
  async function bringBack(line: SessionLine) {
    setProblem(null);
    try {
      await request('POST', `/api/sessions/${line.id}/restore`);
      setGone(null);
      await refetch();
    } catch (fault) {
      setProblem(problemOf(fault).message);
    }
  }
  const pages = Math.max(1, Math.ceil(count / size));
  /** Not disabled at an end: the focus would be lost there, and the page's keys with it. */
  const turn = (name: string, by: number) => {
    const there = page + by >= 1 && page + by <= pages;
    return (
      <button
        type="button"
        className={`btn btn-sm ${there ? '' : 'btn-disabled'}`}
        aria-disabled={!there}
        onClick={() => there && setPage(page + by)}
      >
        {name}
      </button>
    );
  };
  return (
    <>
      <NewSessionForm today={today} />
      <div className="mt-4 flex items-center gap-3 px-4">
        <label className="flex items-center gap-2 text-sm">
          Find
          <input
            className="input input-sm w-56"
            value={find}
            onChange={(event) => {
              setFind(event.target.value);
              setPage(1);
            }}
            placeholder="part of a name or place"
          />
        </label>
        <p role="status" className="text-sm">
          {gone && (
            <>
              {gone.title} deleted.{' '}
              <button type="button" className="btn btn-xs" onClick={() => void bringBack(gone)}>
                Undo
              </button>
            </>
          )}
        </p>
        <p role="alert" className="text-sm font-semibold text-error">
          {problem ?? error?.message}
        </p>
      </div>
      <div className="mt-2 overflow-x-auto px-2">
        {lines.length > 0 ? (
          <SortTable rows={lines} columns={columns} caption="Sessions" numeric={['seats']} />
        ) : (
          <p className="p-4">
            {find
              ? `No session has “${find}” in its name or place.`
              : 'No sessions yet. Name one above, then paste the list of who is coming.'}
          </p>
        )}
      </div>
      {pages > 1 && (
        <nav aria-label="Pages" className="flex items-center gap-3 px-4 py-4">
          {turn('Newer', -1)}
          <span>
            Page {page} of {pages}
          </span>
          {turn('Older', 1)}
        </nav>
      )}
    </>
  );
}

/** All sessions: the form for a new one, then the list, newest first, to find in and to go through page by page. */
export function SessionsScreen(props: Props) {
  const [client] = useState(() => new QueryClient());
  return (
    <QueryClientProvider client={client}>
      <Sessions {...props} />
    </QueryClientProvider>
  );
}
