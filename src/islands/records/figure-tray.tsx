import { readNumber } from '../../core/region';
import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState } from 'react';
import type { FigureShown, RecordsView } from '../../app/records/open-records';
import type { Units } from '../../core/measure';
import type { FigureSaid, WouldChange } from '../../core/record';
import { problemOf, request } from '../../ui/api';
import { newId } from '../../ui/new-id';
import { Refusal } from '../../ui/refusal';
import { PointChart } from './point-chart';
import { standingOf, valueWords } from './figure-words';
import { WouldChangeWords } from './would-change-words';

/** One figure: what the records say with what they are, what accepting it would change, and what to do with it. */
export function FigureTray({
  figure,
  units,
  by,
  onBy,
  onChanged,
  onClose,
}: {
  figure: FigureShown;
  units: Units;
  by: string;
  onBy: (by: string) => void;
  onChanged: (view: RecordsView) => void;
  onClose: () => void;
}) {
  const { key, label, unit, source, start, now, value, low, high, records, makers } = figure;
  const [typed, setTyped] = useState('');
  const [refused, setRefused] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const own = typed.trim() === '' ? null : (readNumber(typed) ?? NaN);
  const isSet = own !== null && Number.isFinite(own);
  const said = useQuery({
    queryKey: ['figure', key, figure.records],
    queryFn: () => request<FigureSaid>('GET', `/api/records/figure?of=${encodeURIComponent(key)}`),
  });
  const trial = useQuery({
    queryKey: ['figure', key, 'trial', now.value, isSet ? own : value],
    queryFn: () =>
      request<WouldChange>('POST', '/api/records/figure', {
        figure: key,
        ...(isSet ? { how: 'set', value: own } : { how: 'accepted' }),
      }),
    placeholderData: (before) => before,
    retry: false,
  });
  const wish = async (how: 'accepted' | 'kept' | 'set') => {
    setSending(true);
    setRefused(null);
    try {
      const value = how === 'set' && isSet ? { value: own } : {};
      onChanged(await request<RecordsView>('POST', '/api/records', { key: newId(), figure: key, how, by, ...value }));
      setTyped('');
    } catch (failed) {
      setRefused(problemOf(failed).message);
    } finally {
      setSending(false);
    }
  };
  const standing = standingOf(figure);
  return (
    <aside aria-label={label} className="space-y-3 border-l hair bg-base-100 px-4 py-3">
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-xl">{label}</h2>
        <button type="button" className="btn btn-ghost btn-sm" aria-label="Close" onClick={onClose}>
          <X size={16} aria-hidden="true" />
        </button>
      </div>
      <p>
        The records say <strong className="tabular-nums">{valueWords(value)}</strong> {unit}, nine times in ten between{' '}
        <span className="tabular-nums">{valueWords(low)}</span> and{' '}
        <span className="tabular-nums">{valueWords(high)}</span>: {records} of {makers}{' '}
        {makers === 1 ? 'maker' : 'makers'}. In force is{' '}
        <strong className="tabular-nums">{valueWords(now.value)}</strong>
        {now.records > 0 && ` (resting on ${now.records} records)`}; it starts at {valueWords(start)}.{' '}
        <span className="quiet">{source}.</span>
      </p>
      {said.data && <PointChart said={said.data} label={label} units={units} />}
      {said.error && <p role="alert">{said.error.message}</p>}
      <section aria-label="What it would change" aria-live="polite">
        <h3 className="font-semibold">
          {isSet ? `At ${valueWords(own)}` : standing === 'in force' ? 'As it is' : 'Accepted'}, in the sessions ahead
        </h3>
        {trial.data ? (
          <WouldChangeWords change={trial.data} units={units} />
        ) : (
          <p className="quiet">{trial.error ? trial.error.message : 'Planning the sessions ahead…'}</p>
        )}
        <p className="quiet mt-1 text-sm">What is cut already keeps its lengths.</p>
      </section>
      <label className="flex items-center gap-2 text-sm">
        Who says so
        <input
          className="input input-sm w-44"
          value={by}
          maxLength={120}
          placeholder="your name, if you like"
          onChange={(event) => onBy(event.target.value)}
        />
      </label>
      <div className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={sending || standing === 'in force'}
          onClick={() => void wish('accepted')}
        >
          Accept {valueWords(value)}
        </button>
        <button
          type="button"
          className="btn btn-sm"
          disabled={sending || standing === 'in force' || standing === 'kept'}
          onClick={() => void wish('kept')}
        >
          Keep {valueWords(now.value)}
        </button>
        <form
          className="flex items-center gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            if (isSet) void wish('set');
          }}
        >
          <input
            className="input input-sm w-20 text-right"
            aria-label={`${label}, set by hand`}
            inputMode="decimal"
            placeholder="other"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
          <button className="btn btn-sm" disabled={sending || !isSet}>
            Set
          </button>
        </form>
      </div>
      <Refusal why={refused} />
    </aside>
  );
}
