import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Tablet } from 'lucide-react';
import { useState } from 'react';
import { problemOf, request } from '../../../ui/api';

interface Paired {
  readonly door: string | null;
  readonly tablets: readonly { readonly id: string; readonly name: string }[];
}

/** A code that pairs a tablet, once; and the tablets that are paired today. */
export function Pairing() {
  const client = useQueryClient();
  const [isOpen, setOpen] = useState(false);
  const [code, setCode] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { data } = useQuery({
    queryKey: ['tablets'],
    queryFn: () => request<Paired>('GET', '/api/tablets'),
    enabled: isOpen,
    refetchInterval: 4000,
  });
  const told = (work: Promise<unknown>): void => {
    work.then(
      () => client.invalidateQueries({ queryKey: ['tablets'] }),
      (failed: unknown) => setProblem(problemOf(failed).message),
    );
  };
  if (!isOpen)
    return (
      <button type="button" className="btn h-11 text-base" onClick={() => setOpen(true)}>
        <Tablet size={18} aria-hidden="true" /> Tablets
      </button>
    );
  return (
    <section aria-label="Tablets" className="w-full border hair bg-base-200 p-3 text-base">
      {data?.door === null ? (
        <p>
          Nothing is open to the room: tablets and phones reach this machine when Lapboard is started with{' '}
          <code>npm start -- --lan</code>.
        </p>
      ) : (
        <>
          <p>
            On the tablet open <strong>{data?.door ?? '…'}/pair</strong> and type the code. It pairs one tablet, for
            today.
          </p>
          {code ? (
            <p className="font-display text-4xl tracking-[0.15em] tabular-nums" aria-live="polite">
              {code.slice(0, 4)} {code.slice(4)}
            </p>
          ) : null}
          <button
            type="button"
            className="btn btn-primary mt-2 h-11 text-base"
            onClick={() =>
              told(request<{ code: string }>('POST', '/api/tablets').then((answer) => setCode(answer.code)))
            }
          >
            {code ? 'Another code' : 'Show a code'}
          </button>
        </>
      )}
      {data && data.tablets.length > 0 && (
        <ul className="mt-2 space-y-1">
          {data.tablets.map(({ id, name }) => (
            <li key={id} className="flex items-center gap-2">
              {name}
              <button
                type="button"
                className="btn btn-ghost h-11 text-base"
                aria-label={`Unpair ${name}`}
                onClick={() => told(request('DELETE', `/api/tablets/${id}`))}
              >
                Unpair
              </button>
            </li>
          ))}
        </ul>
      )}
      {problem && <p role="alert">{problem}</p>}
      <button type="button" className="btn btn-ghost mt-2 h-11 text-base" onClick={() => setOpen(false)}>
        Close
      </button>
    </section>
  );
}
