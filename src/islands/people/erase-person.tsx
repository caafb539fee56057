import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Erasing, PersonTraces } from '../../app/people/people';
import { problemOf, request } from '../../ui/api';
import { day } from '../../ui/words/region';

type Dumps = NonNullable<Erasing['dumps']>;

/** Erases a person: shows what else names them, and which backups hold them, so that each is decided before anything is erased. */
export function ErasePerson({
  id,
  name,
  version,
  onErased,
  onKeep,
}: {
  id: string;
  name: string;
  version: number;
  onErased: () => void;
  onKeep: () => void;
}) {
  const { data, error } = useQuery({
    queryKey: ['traces', id],
    queryFn: () => request<PersonTraces>('GET', `/api/people/${id}/traces`),
    staleTime: 0,
  });
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  const [dumps, setDumps] = useState<Dumps>('remake');
  const [problem, setProblem] = useState<string | null>(null);
  const [isErasing, setErasing] = useState(false);
  if (error) return <p role="alert">{problemOf(error).message}</p>;
  if (!data) return <p role="status">Searching for this name elsewhere…</p>;
  const { traces } = data;
  const keyOf = ({ place, key }: PersonTraces['traces'][number]): string => `${place}/${key}`;
  const isWhole = ({ text }: PersonTraces['traces'][number]): boolean =>
    text.toLowerCase().includes(name.toLowerCase());
  // The whole name is theirs; a part of it may be somebody else's.
  const ticked = chosen ?? new Set(traces.filter(isWhole).map(keyOf));
  const erase = async (): Promise<void> => {
    setErasing(true);
    const erasing: Erasing = {
      version,
      traces: traces.filter((one) => ticked.has(keyOf(one))).map(({ place, key }) => ({ place, key })),
      dumps: data.dumps.count > 0 ? dumps : 'keep',
    };
    try {
      await request('DELETE', `/api/people/${id}`, erasing);
      onErased();
    } catch (failed) {
      setProblem(problemOf(failed).message);
      setErasing(false);
    }
  };
  return (
    <div className="space-y-3 text-sm">
      <p>
        Name, age, skin sensitivities and wrists are erased for good. Past sessions keep their cuts, without the name.
      </p>
      {traces.length > 0 && (
        <fieldset>
          <legend className="font-semibold">These texts may name this person. Remove the name from:</legend>
          <ul className="mt-1 max-h-60 space-y-1 overflow-y-auto">
            {traces.map((one) => (
              <li key={keyOf(one)}>
                <label className="flex items-start gap-2">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm mt-0.5"
                    checked={ticked.has(keyOf(one))}
                    onChange={({ target }) => {
                      const next = new Set(ticked);
                      if (target.checked) next.add(keyOf(one));
                      else next.delete(keyOf(one));
                      setChosen(next);
                    }}
                  />
                  <span>
                    <span className="quiet inline-block first-letter:uppercase">{one.place}:</span> {one.text}
                  </span>
                </label>
              </li>
            ))}
          </ul>
        </fieldset>
      )}
      {data.dumps.count > 0 && (
        <fieldset>
          <legend className="font-semibold">
            {data.dumps.count === 1 ? 'One backup' : `${data.dumps.count} backups`} from before an upgrade still{' '}
            {data.dumps.count === 1 ? 'holds' : 'hold'} this person
            {data.dumps.oldest && `, the oldest of ${day(data.dumps.oldest.slice(0, 10), 'year')}`}
          </legend>
          {(
            [
              ['remake', 'Replace with a new backup, without this person'],
              ['delete', 'Delete'],
              ['keep', `Keep until they are ${data.dumps.maxDays} days old`],
            ] as const
          ).map(([value, words]) => (
            <label key={value} className="mt-1 flex items-center gap-2">
              <input
                type="radio"
                name="dumps"
                className="radio radio-sm"
                checked={dumps === value}
                onChange={() => setDumps(value)}
              />
              {words}
            </label>
          ))}
        </fieldset>
      )}
      {problem && (
        <p role="alert" className="font-semibold text-error">
          {problem}
        </p>
      )}
      <div className="flex gap-2">
        <button type="button" className="btn btn-error btn-sm" disabled={isErasing} onClick={() => void erase()}>
          Erase
        </button>
        <button type="button" className="btn btn-sm" onClick={onKeep}>
          Keep
        </button>
      </div>
    </div>
  );
}
