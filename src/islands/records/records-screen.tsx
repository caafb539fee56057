import { number } from '../../ui/words/region';
import { QueryClient, QueryClientProvider, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { RecordsView } from '../../app/records/open-records';
import type { Units } from '../../core/measure';
import { request } from '../../ui/api';
import { useUnits } from '../../ui/words/units';
import { ChangeList } from './change-list';
import { FigureTable } from './figure-table';
import { FigureTray } from './figure-tray';
import { ForesightChart } from './foresight-chart';
import { ImportHistory } from './import-history';
import { MakerList } from './maker-list';

/** While newer records are learned from, it is asked again after so many ms. */
const AGAIN = 1200;
const NAME = 'lapboard:by';

function Records({ initial, units: firstUnits }: { initial: RecordsView; units: Units }) {
  const units = useUnits(firstUnits);
  const client = useQueryClient();
  const { data: view = initial } = useQuery({
    queryKey: ['records'],
    queryFn: () => request<RecordsView>('GET', '/api/records'),
    initialData: initial,
    staleTime: 5_000,
    refetchInterval: ({ state }) => (state.data?.learning ? AGAIN : false),
  });
  const [chosen, setChosen] = useState<string | null>(null);
  const [importing, setImporting] = useState(false);
  const [told, setTold] = useState<string | null>(null);
  // Whoever says so is remembered where they say it, not in the studio.
  const [by, setBy] = useState(() => (typeof localStorage === 'undefined' ? '' : (localStorage.getItem(NAME) ?? '')));
  const figure = view.figures.find(({ key }) => key === chosen);
  const changed = (next: RecordsView): void => void client.setQueryData(['records'], next);
  return (
    <div className="flex items-start">
      <div className="min-w-0 flex-1 px-4">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1 pb-2">
          <p role="status">
            {view.records === 0 ? 'No records yet' : `${number(view.records)} pieces with records`}
            {view.learning && '. Learning from the newest…'}
          </p>
          <span className="flex-1" />
          <button
            type="button"
            className="btn btn-sm"
            aria-expanded={importing}
            onClick={() => setImporting(!importing)}
          >
            Records from elsewhere
          </button>
          <a className="btn btn-sm" href="/api/export/records.csv">
            Export (CSV)
          </a>
          <a className="btn btn-sm" href="/api/export/records.json">
            Export (JSON)
          </a>
        </div>
        {told && <p role="status">{told}</p>}
        {importing && (
          <ImportHistory
            onDone={(added) => {
              setImporting(false);
              setTold(`${added} ${added === 1 ? 'piece' : 'pieces'} taken in.`);
              void client.invalidateQueries({ queryKey: ['records'] });
            }}
          />
        )}
        {view.figures.length === 0 && !view.learning ? (
          <p className="max-w-prose">
            Nothing to learn from yet. Note on a session’s <strong>Wrap-up</strong> what was left of each cord; from the
            first record on, this page says what your studio really uses, and how sure that is.
          </p>
        ) : (
          <div className="overflow-x-auto">
            <FigureTable figures={view.figures} chosen={chosen} onChoose={setChosen} />
          </div>
        )}
        <div className="mt-6 grid grid-cols-[minmax(0,1fr)] items-start gap-8 xl:grid-cols-2">
          {!figure && <ForesightChart foresight={view.foresight} />}
          <MakerList makers={view.makers} />
        </div>
        <div className="mt-6">
          <ChangeList changes={view.changes} by={by} onChanged={changed} />
        </div>
      </div>
      {figure && (
        <div className="sticky top-0 max-h-screen w-[26rem] shrink-0 overflow-y-auto narrow:fixed narrow:inset-0 narrow:z-50 narrow:w-full">
          <FigureTray
            key={figure.key}
            figure={figure}
            units={units}
            by={by}
            onBy={(name) => {
              setBy(name);
              localStorage.setItem(NAME, name);
            }}
            onChanged={changed}
            onClose={() => setChosen(null)}
          />
        </div>
      )}
    </div>
  );
}

/** What the records say of the studio's figures, and what is done with it. */
export function RecordsScreen(props: { initial: RecordsView; units: Units }) {
  const [client] = useState(() => new QueryClient());
  return (
    <QueryClientProvider client={client}>
      <Records {...props} />
    </QueryClientProvider>
  );
}
