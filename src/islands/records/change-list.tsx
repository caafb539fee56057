import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import type { RecordsView } from '../../app/records/open-records';
import { problemOf, request } from '../../ui/api';
import { newId } from '../../ui/new-id';
import { Refusal } from '../../ui/refusal';
import { day } from '../../ui/words/region';
import { valueWords } from './figure-words';

/** What was done with figures: when, by whom, from what to what; each can be taken back. */
export function ChangeList({
  changes,
  by,
  onChanged,
}: {
  changes: RecordsView['changes'];
  by: string;
  onChanged: (view: RecordsView) => void;
}) {
  const [refused, setRefused] = useState<string | null>(null);
  if (changes.length === 0)
    return <p className="quiet">Nothing was accepted yet: every figure is where it starts, or as Settings have it.</p>;
  const takeBack = async (change: number) => {
    setRefused(null);
    try {
      onChanged(await request<RecordsView>('POST', '/api/records/changes', { key: newId(), change, by }));
    } catch (failed) {
      setRefused(problemOf(failed).message);
    }
  };
  return (
    <section aria-labelledby="changes">
      <h2 id="changes" className="text-lg">
        What was changed
      </h2>
      <Refusal why={refused} className="my-1" />
      <ul>
        {changes.map(({ n, at, by: who, how, label, was, is, records, undone, undoes }) => (
          <li key={n} className={`flex items-baseline gap-3 border-b hair py-1 text-sm ${undone ? 'quiet' : ''}`}>
            <span className="w-20 whitespace-nowrap">{day(at, 'year')}</span>
            <span className="min-w-0 flex-1">
              <span className={undone ? 'line-through' : ''}>
                {label}: {how}
                {how === 'kept'
                  ? ` at ${valueWords(is.value)}`
                  : `, ${valueWords(was.value)} to ${valueWords(is.value)}`}
              </span>
              <span className="quiet">
                {records > 0 && ` · ${records} records`}
                {who && ` · ${who}`}
              </span>
            </span>
            {!undone && undoes === null && (
              <button type="button" className="btn btn-ghost btn-xs" onClick={() => void takeBack(n)}>
                <Undo2 size={13} aria-hidden="true" /> Take back
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
