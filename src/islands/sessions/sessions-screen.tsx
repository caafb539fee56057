import { format, parseISO } from 'date-fns';
import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import type { NewSession } from '../../core/session';
import type { SessionLine } from '../../data/sessions';
import { request, type RequestProblem } from '../../ui/api';
import { columnsOf, SortTable } from '../../ui/sort-table';

const column = columnsOf<SessionLine>();

/** The form for a new session: a name and a day are enough. */
function NewSessionForm({ today }: { today: string }) {
  const { register, handleSubmit, formState } = useForm<{
    title: string;
    held_on: string;
    starts_at: string;
    place: string;
  }>({
    defaultValues: { title: '', held_on: today, starts_at: '', place: '' },
  });
  const [problem, setProblem] = useState<string | null>(null);
  const [id] = useState(() => crypto.randomUUID());
  async function create({ starts_at, ...given }: { title: string; held_on: string; starts_at: string; place: string }) {
    setProblem(null);
    try {
      const session: NewSession = { ...given, ...(starts_at && { starts_at }) };
      await request('POST', '/api/sessions', { id, session });
      window.location.assign(`/sessions/${id}/seats`);
    } catch (error) {
      setProblem(`${(error as RequestProblem).message} Nothing you wrote is lost; try again.`);
    }
  }
  return (
    <form
      id="new"
      noValidate
      onSubmit={handleSubmit(create)}
      className="mt-3 flex flex-wrap items-end gap-3 border-y hair bg-base-200 px-4 py-3"
      aria-label="New session"
    >
      <label className="block">
        <span className="block text-sm">New session</span>
        <input
          className="input w-64"
          placeholder="Name"
          maxLength={120}
          autoComplete="off"
          aria-invalid={Boolean(formState.errors.title)}
          {...register('title', { validate: (v) => v.trim() !== '' || 'Give the session a name.' })}
        />
      </label>
      <label className="block">
        <span className="block text-sm">Day</span>
        <input
          type="date"
          className="input w-40"
          aria-invalid={Boolean(formState.errors.held_on)}
          {...register('held_on', { required: 'Choose the day.' })}
        />
      </label>
      <label className="block">
        <span className="block text-sm">Start</span>
        <input type="time" className="input w-32" {...register('starts_at')} />
      </label>
      <label className="block">
        <span className="block text-sm">Place</span>
        <input className="input w-48" maxLength={120} autoComplete="off" {...register('place')} />
      </label>
      <button type="submit" className="btn btn-primary" disabled={formState.isSubmitting}>
        Plan it
      </button>
      <p role="alert" className="w-full font-semibold text-error empty:hidden">
        {problem ?? formState.errors.title?.message ?? formState.errors.held_on?.message}
      </p>
    </form>
  );
}

/** All sessions: the form for a new one, then the list. */
export function SessionsScreen({
  lines,
  count,
  page,
  size,
  today,
}: {
  lines: SessionLine[];
  count: number;
  page: number;
  size: number;
  today: string;
}) {
  const [rows, setRows] = useState(lines);
  const [find, setFind] = useState('');
  const [gone, setGone] = useState<SessionLine | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const columns = useMemo(() => {
    async function remove(line: SessionLine) {
      setProblem(null);
      try {
        await request('DELETE', `/api/sessions/${line.id}`);
        setRows((before) => before.filter((row) => row.id !== line.id));
        setGone(line);
      } catch (error) {
        setProblem((error as RequestProblem).message);
      }
    }
    return [
      column.accessor('held_on', {
        header: 'Day',
        cell: (cell) => format(parseISO(cell.getValue()), 'EEE d MMM yyyy'),
      }),
      column.accessor((row) => row.starts_at ?? '', { id: 'start', header: 'Start' }),
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
  }, []);
  async function bringBack(line: SessionLine) {
    await request('POST', `/api/sessions/${line.id}/restore`);
    setRows((before) => [line, ...before].sort((a, b) => b.held_on.localeCompare(a.held_on)));
    setGone(null);
  }
  const shown = rows.filter((row) => `${row.title} ${row.place}`.toLowerCase().includes(find.toLowerCase()));
  const pages = Math.max(1, Math.ceil(count / size));
  return (
    <>
      <NewSessionForm today={today} />
      <div className="mt-4 flex items-center gap-3 px-4">
        <label className="flex items-center gap-2 text-sm">
          Find
          <input
            className="input input-sm w-56"
            value={find}
            onChange={(event) => setFind(event.target.value)}
            data-find
            placeholder="on this page"
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
          {problem}
        </p>
      </div>
      <div className="mt-2 overflow-x-auto px-2">
        {rows.length === 0 ? (
          <p className="p-4">No sessions yet. Name one above, then paste the list of who is coming.</p>
        ) : (
          <SortTable rows={shown} columns={columns} caption="Sessions" numeric={['seats']} />
        )}
      </div>
      {pages > 1 && (
        <nav aria-label="Pages" className="flex items-center gap-3 px-4 py-4">
          {page > 1 && (
            <a className="btn btn-sm" href={`?page=${page - 1}`}>
              Newer
            </a>
          )}
          <span>
            Page {page} of {pages}
          </span>
          {page < pages && (
            <a className="btn btn-sm" href={`?page=${page + 1}`}>
              Older
            </a>
          )}
        </nav>
      )}
    </>
  );
}
