import { QueryClient, QueryClientProvider, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { formatLength, type Units } from '../../core/measure';
import type { PersonView } from '../../app/people/people';
import type { PersonLine } from '../../data/people';
import { day } from '../../ui/words/region';
import { request } from '../../ui/api';
import { columnsOf, SortTable } from '../../ui/sort-table';
import { useUnits } from '../../ui/words/units';
import { PersonTray } from './person-tray';

const column = columnsOf<PersonLine>();

interface Props {
  initial: PersonLine[];
  /** As many as the list shows at once. */
  most: number;
  units: Units;
  today: string;
  /** Whose tray is open at first. */
  person: PersonView | null;
}

function People({ initial, most, units: firstUnits, today, person: first }: Props) {
  const units = useUnits(firstUnits);
  const [find, setFind] = useState('');
  const [chosen, setChosen] = useState(first?.id ?? null);
  const client = useQueryClient();
  const { data: lines = [], error } = useQuery({
    queryKey: ['people', find],
    queryFn: () => request<PersonLine[]>('GET', `/api/people?find=${encodeURIComponent(find)}`),
    ...(find === '' && { initialData: initial }),
    placeholderData: (before) => before,
    staleTime: 5_000,
  });
  const person = useQuery({
    queryKey: ['person', chosen],
    queryFn: () => request<PersonView>('GET', `/api/people/${chosen}`),
    ...(first && chosen === first.id && { initialData: first }),
    enabled: chosen !== null,
  });
  const columns = useMemo(
    () => [
      column.accessor('name', {
        header: 'Name',
        cell: (cell) => (
          <button
            type="button"
            className="text-left font-semibold hover:underline"
            onClick={() => setChosen(cell.row.original.id)}
          >
            {cell.getValue()}
          </button>
        ),
      }),
      column.accessor((row) => row.age ?? undefined, { id: 'age', header: 'Age', sortUndefined: 'last' }),
      column.accessor((row) => row.wrist_mm ?? undefined, {
        id: 'wrist',
        header: 'Last wrist',
        sortUndefined: 'last',
        cell: (cell) => {
          const mm = cell.getValue();
          return mm === undefined ? '' : formatLength(mm, units);
        },
      }),
      column.accessor((row) => row.wrist_on ?? '', {
        id: 'taken',
        header: 'Taken on',
        cell: (cell) => cell.getValue() && <span className="whitespace-nowrap">{day(cell.getValue(), 'year')}</span>,
      }),
      column.accessor((row) => row.avoid.map((a) => `no ${a}`).join(', '), { id: 'skin', header: 'Skin' }),
      column.accessor('sessions', { header: 'Sessions' }),
    ],
    [units],
  );
  return (
    <div className="flex">
      <div className="min-w-0 flex-1">
        <label className="flex items-center gap-2 px-4 py-3 text-sm">
          Find
          <input
            className="input input-sm w-64"
            value={find}
            onChange={(event) => setFind(event.target.value)}
            data-find
            placeholder="part of a name"
          />
        </label>
        {error && (
          <p role="alert" className="px-4 font-semibold text-error">
            {error.message}
          </p>
        )}
        {lines.length === 0 ? (
          <p className="px-4">
            {find
              ? `Nobody’s name has “${find}” in it.`
              : 'Nobody yet: people are kept from the lists you paste into sessions.'}
          </p>
        ) : (
          <div className="overflow-x-auto px-2">
            <SortTable
              rows={lines}
              columns={columns}
              caption="People"
              numeric={['age', 'wrist', 'sessions']}
              selected={chosen}
            />
            {lines.length >= most && (
              <p className="quiet px-2 py-3">The first {most} by name. Find a part of a name to see others.</p>
            )}
          </div>
        )}
      </div>
      {person.data && chosen && (
        <PersonTray
          key={chosen}
          person={person.data}
          units={units}
          today={today}
          onSaved={(saved) => {
            client.setQueryData(['person', chosen], saved);
            void client.invalidateQueries({ queryKey: ['people'] });
          }}
          onForgotten={() => {
            setChosen(null);
            void client.invalidateQueries({ queryKey: ['people'] });
          }}
          onClose={() => setChosen(null)}
        />
      )}
    </div>
  );
}

/** People kept across sessions: a list to find in, and one of them in the tray. */
export function PeopleScreen(props: Props) {
  const [client] = useState(() => new QueryClient());
  return (
    <QueryClientProvider client={client}>
      <People {...props} />
    </QueryClientProvider>
  );
}
