import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { LotUses as Uses } from '../../app/shelf/lot-uses';
import { formatLength, type Units } from '../../core/measure';
import type { Role } from '../../core/studio';
import { day } from '../../ui/words/region';
import { request, type RequestProblem } from '../../ui/api';

const ROLE_WORDS: Record<Role, string> = {
  core: 'core',
  working: 'working cord',
  slider: 'slider',
  whole: 'cord',
  thread: 'thread',
};

/** What a length of cord is long enough for, looked up when it is asked. */
export function LotUses({ lot, units }: { lot: string; units: Units }) {
  const [open, setOpen] = useState(false);
  const { data, error } = useQuery<Uses, RequestProblem>({
    queryKey: ['shelf', 'uses', lot],
    queryFn: () => request('GET', `/api/shelf/lots/${lot}/uses`),
    enabled: open,
  });
  return (
    <details className="my-2 text-sm" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="cursor-pointer">What it is long enough for</summary>
      {error && (
        <p role="alert" className="text-error">
          {error.message}
        </p>
      )}
      {open && !data && !error && <p>Looking…</p>}
      {data && data.ahead.length === 0 && data.pieces.length === 0 && <p>Nothing of the projects in this cord.</p>}
      {data && data.ahead.length > 0 && (
        <>
          <h4 className="mt-1 font-semibold">In the sessions ahead</h4>
          <ul>
            {data.ahead.map(({ session, title, on, label, mm }, i) => (
              <li key={i} className="flex items-baseline justify-between gap-2">
                <a className="py-0.5 hover:underline" href={`/sessions/${session}/cut`}>
                  {label}, {title} {day(on, 'short')}
                </a>
                <span className="whitespace-nowrap tabular-nums">{formatLength(mm, units, 'up')}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      {data && data.pieces.length > 0 && (
        <>
          <h4 className="mt-1 font-semibold">In the projects, for an adult’s wrist</h4>
          <ul>
            {data.pieces.map(({ project, name, role, mm, pieces }) => (
              <li key={`${project} ${role}`} className="flex justify-between gap-2">
                <a className="py-0.5 hover:underline" href={`/projects/${project}`}>
                  {name}: {ROLE_WORDS[role]}
                </a>
                <span className="whitespace-nowrap tabular-nums">
                  {pieces > 1 ? `each of ${pieces}: ` : ''}
                  {formatLength(mm, units, 'up')}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </details>
  );
}
