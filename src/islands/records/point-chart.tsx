import { number } from '../../ui/words/region';
import { formatLength, type Units } from '../../core/measure';
import type { FigureSaid } from '../../core/record';
import { Chart } from '../../ui/chart/chart';
import { binned } from '../../ui/chart/binned';
import { Heads, num } from '../../ui/heads';

/** As many rows of the table beside the chart. */
const ROWS = 20;

const wordsOf = (measure: FigureSaid['measure'], units: Units) => (value: number) =>
  measure === 'mm' ? formatLength(value, units) : `${number(value, 1)} ${measure === 'minutes' ? 'min' : 'mm a year'}`;

/** The same along an axis: whole numbers, or there is no room for them. */
const axisOf = (measure: FigureSaid['measure'], units: Units) => (value: number) => {
  const word = wordsOf(measure, units)(value);
  if (measure === 'mm') return units === 'in' ? `${Math.round(value / 25.4)} in` : `${Math.round(value / 10)} cm`;
  return measure === 'minutes' ? `${Math.round(value)} min` : word;
};

/** What was predicted by where the figure starts against what was found, a dot a record; or, where all start the same, how often what was found. */
export function PointChart({ said, label, units }: { said: FigureSaid; label: string; units: Units }) {
  const { points, measure, start, value } = said;
  const words = wordsOf(measure, units);
  const axis = axisOf(measure, units);
  const most = Math.max(1, ...points.map(({ predicted }) => predicted));
  const least = Math.min(...points.map(({ predicted }) => predicted));
  const alone = most - least < most * 0.02;
  const ratio = said.kind === 'spread' ? 1 : value / start;
  const trusted = points.filter((point) => point.trusted >= 0.5 && !point.more);
  const misread = points.filter((point) => point.trusted < 0.5 && !point.more);
  const more = points.filter((point) => point.more);
  const dots = (of: typeof points) => of.map(({ predicted, found }) => [predicted, found] as const);
  const bins = binned(points.map(({ found }) => found));
  return (
    <>
      {alone ? (
        <Chart
          label={`${label}: how often what was found`}
          kind="bar"
          height={210}
          x={{ title: 'found', words: axis }}
          y={{ title: 'records', words: (n) => number(n) }}
          series={[{ name: 'records', tone: 'primary', points: bins }]}
        />
      ) : (
        <Chart
          label={`${label}: predicted against found, ${points.length} records`}
          kind="dots"
          height={230}
          x={{ title: 'predicted by where it starts', words: axis, ticks: 4 }}
          y={{ title: 'found', words: axis }}
          series={[
            { name: 'found', tone: 'primary', points: dots(trusted) },
            ...(more.length > 0 ? [{ name: 'ran short: more', tone: 'accent' as const, points: dots(more) }] : []),
            ...(misread.length > 0
              ? [{ name: 'taken for misread', tone: 'warning' as const, points: dots(misread) }]
              : []),
            {
              name: 'as it starts',
              tone: 'base-content',
              width: 1,
              dashed: true,
              points: [
                [least, least],
                [most, most],
              ],
            },
            ...(ratio !== 1
              ? [
                  {
                    name: 'as records say',
                    tone: 'info' as const,
                    width: 2,
                    points: [
                      [least, least * ratio],
                      [most, most * ratio],
                    ] as const,
                  },
                ]
              : []),
          ]}
        />
      )}
      <details className="mt-1 text-sm">
        <summary>As a table</summary>
        <table className="sheet">
          <caption className="sr-only">{label}: the latest records</caption>
          <Heads of={[num('Predicted'), num('Found'), num('Of it'), '']} />
          <tbody>
            {points
              .slice(-ROWS)
              .reverse()
              .map((point, i) => (
                <tr key={i}>
                  <td className="num">{words(point.predicted)}</td>
                  <td className="num">{words(point.found)}</td>
                  <td className="num">{number(point.found / point.predicted, 2)}</td>
                  <td>{point.more ? 'ran short' : point.trusted < 0.5 ? 'taken for misread' : ''}</td>
                </tr>
              ))}
          </tbody>
        </table>
      </details>
    </>
  );
}
