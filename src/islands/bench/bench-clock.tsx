import { number } from '../../ui/words/region';
import { seatAtWork } from '../../core/bench';
import type { BenchModel } from './model/use-bench';
import { closesAt, type useRest } from './model/use-rest';
import { clockWords } from './words';

/** How high a row is, and how wide the time axis, in the drawing's own units. */
const [ROW, WIDE] = [20, 600];
/** Somebody who needs longer than this past the close runs off the clock, min. */
const PAST = 30;

/**
 * The room's clock as it stands now: a row a seat, from now to when it is likely done, half of all times sooner, and on to one time in
 * ten; the close as a line. What is planned and what is seen of each pace are in it together.
 */
export function BenchClock({
  model,
  rest,
  onOpen,
}: {
  model: BenchModel;
  rest: ReturnType<typeof useRest>;
  onOpen: (id: string) => void;
}) {
  const { bench, seats } = model;
  const closes = closesAt(model);
  if (!rest || closes === null)
    return (
      <p className="p-3 text-lg">
        {bench.began === null ? 'The clock runs once the room has begun' : 'Nothing is to come'}
        {closes === null && ', and it is said how long the session is'}.
      </p>
    );
  const left = Math.max(0, (closes - rest.at) / 60_000);
  const times = rest.times.seats.toSorted((a, b) => b.done.p50 - a.done.p50);
  const span = Math.max(5, Math.min(left + PAST, Math.max(left, ...times.map(({ done }) => done.p90)) + 2));
  const x = (minutes: number): number => (Math.min(span, Math.max(0, minutes)) / span) * WIDE;
  const step = span > 60 ? 15 : span > 25 ? 10 : 5;
  const marks = Array.from({ length: Math.floor(span / step) + 1 }, (_, i) => i * step);
  const nameOf = (id: string): string => seats.find((seat) => seat.id === id)?.plan.label ?? '';
  const over = seats.filter(({ id }) => seatAtWork(bench, id).done !== null).length;
  return (
    <div className="p-1">
      <table className="w-full text-base">
        <caption className="pb-1 text-left text-lg">
          {over} of {seats.length} done. About {number(rest.times.finishing, 1)} of the {times.length} at work finish
          before the room closes.
        </caption>
        <thead>
          <tr>
            <th scope="col" className="w-36 text-left font-semibold">
              Seat
            </th>
            <th scope="col" className="w-36 text-left font-semibold">
              Done about
            </th>
            <th scope="col">
              <span className="sr-only">From now, and the close</span>
              <svg viewBox={`0 0 ${WIDE} 18`} className="block w-full" aria-hidden="true">
                {marks.map((mark) => (
                  <text
                    key={mark}
                    x={x(mark)}
                    y={14}
                    fontSize={14}
                    textAnchor={mark === 0 ? 'start' : 'middle'}
                    className="fill-base-content"
                  >
                    {clockWords(rest.at + mark * 60_000)}
                  </text>
                ))}
              </svg>
            </th>
          </tr>
        </thead>
        <tbody>
          {times.map(({ id, done, finishes }) => {
            const isLate = finishes < 0.5;
            return (
              <tr key={id} className="border-t hair">
                <th scope="row" className="text-left font-normal">
                  <button
                    type="button"
                    className="min-h-11 min-w-11 text-left hover:underline"
                    onClick={() => onOpen(id)}
                  >
                    {nameOf(id)}
                  </button>
                </th>
                <td className={`tabular-nums ${isLate ? 'font-semibold text-error' : ''}`}>
                  {clockWords(rest.at + done.p50 * 60_000)}
                  {isLate && ', late'}
                  <span className="sr-only">, one time in ten after {clockWords(rest.at + done.p90 * 60_000)}</span>
                </td>
                <td>
                  <svg viewBox={`0 0 ${WIDE} ${ROW}`} className="block w-full" aria-hidden="true">
                    <rect
                      x={0}
                      y={5}
                      width={x(done.p50)}
                      height={10}
                      className={isLate ? 'fill-error' : 'fill-primary'}
                    />
                    <line
                      x1={x(done.p50)}
                      x2={x(done.p90)}
                      y1={10}
                      y2={10}
                      className={isLate ? 'stroke-error' : 'stroke-primary'}
                      strokeWidth={2.5}
                      strokeDasharray="5 3"
                    />
                    <line x1={x(left)} x2={x(left)} y1={0} y2={ROW} className="stroke-base-content" strokeWidth={2} />
                  </svg>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="pt-1">
        The upright line is the close, at {clockWords(closes)}; dashes go on to what one in ten takes longer than.
      </p>
    </div>
  );
}
