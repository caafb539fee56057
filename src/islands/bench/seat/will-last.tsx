import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { SeatAtWork } from '../../../core/bench';
import { formatLength, type Units } from '../../../core/measure';
import { endsToCome, rescuesFor, willItLast, type EndToCome, type ShelfOffcut } from '../../../core/rescue';
import type { PlannedSeat } from '../../../core/seat';
import { request } from '../../../ui/api';
import { LengthField } from '../../../ui/fields/length-field';
import { Swatch } from '../../../ui/pictures/swatch';
import type { BenchModel } from '../model/use-bench';
import { Scale } from './scale';

/** An end by what is seen of it. */
function endName({ as, of: { cord, colour, use } }: EndToCome, n: number): string {
  const name = cord.colours.find(({ slug }) => slug === colour)?.name ?? cord.name;
  return `${as === null ? (use.role === 'slider' ? 'Slider cord' : 'Core leg') : 'Working end'} ${n}, ${name}`;
}

/** Lengths between braces, in the reader's units. */
const inUnits = (text: string, units: Units): string =>
  text.replace(/\{(-?\d+)\}/g, (_, mm: string) => formatLength(Number(mm), units));

/** Whether what is left of each end lasts, and what to do where it does not. */
export function WillLast({
  seat,
  atWork,
  model,
  units,
}: {
  seat: PlannedSeat;
  atWork: SeatAtWork;
  model: BenchModel;
  units: Units;
}) {
  const { plan, id, record } = seat;
  const { figures, view, say } = model;
  const [left, setLeft] = useState<Record<number, number>>({});
  const [at, setAt] = useState(0);
  const skill = record.skill ?? 'new';
  const ends = endsToCome(plan, atWork.made, skill, figures);
  const { data: offcuts = [] } = useQuery({
    queryKey: ['offcuts', view.session.id],
    queryFn: () => request<ShelfOffcut[]>('GET', `/api/bench/${view.session.id}/offcuts`),
    staleTime: 60_000,
    retry: false,
  });
  if (ends.length === 0)
    return <p>{plan.fit ? 'All of it is knotted: nothing more of the cord is tied.' : 'It has no size yet.'}</p>;
  const lasts = willItLast(plan, atWork.made, left, skill, figures);
  const rescues = rescuesFor(plan, atWork.made, left, skill, figures, offcuts);
  const length = (mm: number): string => formatLength(mm, units);
  const shown = ends.flatMap((end, i) => (end.as !== null || end.rest_mm > 0 ? [{ end, i }] : []));
  return (
    <div className="space-y-3">
      <p>
        Measure from the last knot to the end, at {atWork.made} made. Not counted right? Set the count under Progress
        first.
      </p>
      <ol className="space-y-1">
        {shown.map(({ end, i }, n) => {
          const own = lasts?.ends.find((one) => one.cord === end.cord && one.leg === end.leg);
          return (
            <li key={i} className={`flex flex-wrap items-center gap-2 ${at === i ? 'bg-base-200' : ''}`}>
              <Swatch
                hex={end.of.cord.colours.find(({ slug }) => slug === end.of.colour)?.hex ?? '#888888'}
                size={16}
              />
              <span className="min-w-0 flex-1">{endName(end, n + 1)}</span>
              <span className="w-28" onFocus={() => setAt(i)}>
                <LengthField
                  label={`Left of ${endName(end, n + 1)}`}
                  value={left[i] ?? null}
                  units={units}
                  range={{ name: 'end', min: 1, max: 20_000 }}
                  onChange={(mm) => setLeft(({ [i]: _, ...rest }) => (mm === null ? rest : { ...rest, [i]: mm }))}
                  className="thumb"
                />
              </span>
              <span className="w-full pl-6 text-base">
                needs {length(end.ties_mm + end.rest_mm)} and {length(end.tail_mm)} to hold
                {own && (own.over < 0 ? `: lacks ${length(-own.over)}` : `: ${length(own.over)} over`)}
              </span>
            </li>
          );
        })}
      </ol>
      <Scale units={units} onRead={(mm) => setLeft((before) => ({ ...before, [at]: mm }))} />
      <div role="status" className="space-y-2">
        {lasts && (
          <p className={`text-xl font-semibold ${lasts.lasts === 'no' ? 'text-error' : ''}`}>
            {lasts.lasts === 'yes' &&
              `Yes: ${length(lasts.worst.over)} over, give or take ${length(lasts.worst.give)}.`}
            {lasts.lasts === 'just' &&
              `Just: ${length(lasts.worst.over)} over, and it may be ${length(lasts.worst.give)} out. Look again soon.`}
            {lasts.lasts === 'no' &&
              `No: it lacks ${length(-lasts.worst.over)}, give or take ${length(lasts.worst.give)}.`}
          </p>
        )}
      </div>
      {rescues.length > 0 && (
        <ol className="space-y-2" aria-label="What would help">
          {rescues.map((rescue, n) => (
            <li key={rescue.slug} className="border-t hair pt-2">
              <p className="flex items-center gap-2">
                <strong className="flex-1 text-lg">
                  {n + 1}. {rescue.title}
                </strong>
                <button
                  type="button"
                  className="btn h-11 text-base"
                  aria-pressed={atWork.rescues.includes(rescue.slug)}
                  aria-label={`This is done: ${rescue.title}`}
                  onClick={() => say('rescue', id, rescue.slug)}
                >
                  {atWork.rescues.includes(rescue.slug) ? 'Noted' : 'This is done'}
                </button>
              </p>
              <p>{inUnits(rescue.text, units)}</p>
              <p className="quiet">Keeps: {inUnits(rescue.keeps, units)}</p>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}
