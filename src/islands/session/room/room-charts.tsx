import { number } from '../../../ui/words/region';
import { useState } from 'react';
import type { RoomTimes } from '../../../core/room';
import { Chart, type Series, type Tone } from '../../../ui/chart/chart';
import { Heads, num } from '../../../ui/heads';
import { Wide } from '../../../ui/wide';
import { clockTime } from './clock-words';

/** Minutes between the rows of the table twin. */
const EVERY = 5;

const oneDecimal = (n: number): string => String(Math.round(n * 10) / 10);
/** What is to be expected, as a thick line. */
const mean = (name: string, tone: Tone, of: readonly { minute: number; mean: number }[]): Series => ({
  name,
  tone,
  width: 3,
  points: of.map((at) => [at.minute, at.mean]),
});
/** What one time in ten goes past, as a thin broken line. */
const bound = <Which extends 'p10' | 'p90'>(
  name: string,
  tone: Tone,
  of: readonly (Record<Which, number> & { minute: number })[],
  which: Which,
): Series => ({ name, tone, width: 1.5, dashed: true, points: of.map((at) => [at.minute, at[which]]) });

/** How many are done by when, and how many wait for the flame; as charts, and as a table. Fetched once they are opened. */
export function RoomCharts({ times, startsAt, closes }: { times: RoomTimes; startsAt: string | null; closes: number }) {
  const [isOpen, setOpen] = useState(false);
  const at = (minute: number): string => clockTime(startsAt, minute);
  const x = { title: startsAt === null ? 'minutes' : '', words: at };
  const close = [{ at: closes, words: 'closes' }];
  const { finished, queue } = times;
  const flame = times.seats.some(({ visits }) => visits.length > 0);
  const rows = finished.filter(({ minute }) => minute % EVERY === 0 || minute === finished.length - 1);
  return (
    <details className="px-4 py-3 text-sm" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="cursor-pointer">Done by when, and the queue over time</summary>
      {isOpen && (
        <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-8 lg:grid-cols-2">
          <Chart
            label={`How many of ${times.seats.length} are done by when: about ${Math.round(times.finishing.mean)} when the room closes`}
            kind="step"
            x={x}
            y={{ title: 'done', words: oneDecimal }}
            marks={close}
            series={[
              mean('done, as a mean', 'primary', finished),
              bound('one time in ten fewer', 'secondary', finished, 'p10'),
              bound('one time in ten more', 'info', finished, 'p90'),
            ]}
          />
          {flame && (
            <Chart
              label={`How many wait for the flame: the longest wait is about ${Math.round(times.longest.p50)} minutes`}
              kind="step"
              x={x}
              y={{ title: 'waiting', words: oneDecimal }}
              marks={close}
              series={[
                mean('waiting, as a mean', 'accent', queue),
                bound('one time in ten more', 'secondary', queue, 'p90'),
              ]}
            />
          )}
          <Wide label="Done and waiting, by the minute" className="max-w-xl lg:col-span-2">
            <table className="sheet">
              <caption className="sr-only">Done and waiting, every {EVERY} minutes</caption>
              <Heads
                of={[
                  'At',
                  num('Done'),
                  num('One in ten fewer'),
                  num('One in ten more'),
                  flame && num('Waiting'),
                  flame && num('One in ten more wait'),
                ]}
              />
              <tbody>
                {rows.map(({ minute, mean, p10, p90 }) => (
                  <tr key={minute}>
                    <th scope="row">{at(minute)}</th>
                    <td className="num">{number(mean, 1)}</td>
                    <td className="num">{p10}</td>
                    <td className="num">{p90}</td>
                    {flame && <td className="num">{number(queue[minute]!.mean, 1)}</td>}
                    {flame && <td className="num">{queue[minute]!.p90}</td>}
                  </tr>
                ))}
              </tbody>
            </table>
          </Wide>
        </div>
      )}
    </details>
  );
}
