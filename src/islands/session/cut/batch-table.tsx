import { useState } from 'react';
import { batches, boardWords } from '../../../core/cut';
import { formatLength, type Units } from '../../../core/measure';
import type { CutGroup } from '../../../core/seat';
import { Chart } from '../../../ui/chart/chart';
import { Heads, num } from '../../../ui/heads';

/** Merging a spool's cuts into few sizes: what each number of sizes adds in cord, and the sizes themselves. */
export function BatchTable({ group, units, board }: { group: CutGroup; units: Units; board: number }) {
  const cuts = group.lines.map(({ cut }) => cut);
  const [sizes, setSizes] = useState<number | null>(null);
  const all = batches(cuts);
  const chosen = all.find((b) => b.sizes === sizes);
  return (
    <div className="flex flex-wrap gap-8 px-2 py-2 text-sm">
      <div className="w-96">
        <Chart
          label="Cord that each number of sizes adds"
          kind="bar"
          height={180}
          x={{ title: 'sizes', words: (i) => String(all[i]!.sizes) }}
          y={{ title: '', words: (mm) => formatLength(mm, units) }}
          series={[{ name: 'adds', tone: 'primary', points: all.map(({ added_mm }, i) => [i, added_mm]) }]}
        />
      </div>
      <table className="sheet max-w-sm">
        <caption className="sr-only">Cord that each number of sizes adds</caption>
        <Heads of={['Sizes', num('Adds')]} />
        <tbody>
          {all.map((batching) => (
            <tr key={batching.sizes}>
              <td>
                <label className="flex items-center gap-2">
                  <input
                    type="radio"
                    className="radio radio-xs"
                    name={`sizes-${group.cord.slug}-${group.colour.slug}`}
                    checked={batching.sizes === sizes}
                    onChange={() => setSizes(batching.sizes)}
                  />
                  {batching.sizes}
                </label>
              </td>
              <td className="num">{batching.added_mm === 0 ? 'nothing' : formatLength(batching.added_mm, units)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {chosen && (
        <ul aria-label={`Cut in ${chosen.sizes} sizes`}>
          {chosen.batches.map((batch) => (
            <li key={batch.length_mm}>
              <strong className="tabular-nums">
                {batch.pieces} × {formatLength(batch.length_mm, units, 'up')}
              </strong>{' '}
              <span className="quiet">{boardWords(batch.length_mm, board, units)}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
