import { number } from '../../ui/words/region';
import type { Foresight } from '../../core/record';
import { Chart } from '../../ui/chart/chart';
import { Heads, num } from '../../ui/heads';

const percent = (share: number): string => `${number(share * 100, 1)} %`;

/** How far off the use of a session is foretold from so many others, none of them the one that is foretold. */
export function ForesightChart({ foresight }: { foresight: readonly Foresight[] }) {
  const [first, last] = [foresight[0], foresight.at(-1)];
  if (!first || !last) return <p className="quiet">Two sessions with records say how well the next is foretold.</p>;
  return (
    <section aria-labelledby="foresight">
      <h2 id="foresight" className="text-lg">
        How well cord use is foretold
      </h2>
      <p className="quiet text-sm">
        Each session left out and foretold from the others: by geometry alone half of all lengths lie within{' '}
        {percent(first.off)}, from {last.sessions} sessions within {percent(last.off)}.
      </p>
      <Chart
        label={`Off by ${percent(first.off)} by geometry, by ${percent(last.off)} from ${last.sessions} sessions`}
        kind="line"
        height={190}
        x={{
          title: 'sessions learned from',
          // Half a session is none.
          words: (n) => (Math.abs(n - Math.round(n)) < 0.01 ? number(n) : ''),
          ticks: last.sessions % 5 === 0 ? 5 : Math.min(4, last.sessions),
        }}
        y={{ title: 'off by', words: percent }}
        series={[
          { name: 'off by', tone: 'primary', points: foresight.map(({ sessions, off }) => [sessions, off] as const) },
        ]}
      />
      <details className="text-sm">
        <summary>As a table</summary>
        <table className="sheet">
          <caption className="sr-only">How far off use is foretold from so many sessions</caption>
          <Heads of={[num('Sessions'), num('Records'), num('Off by')]} />
          <tbody>
            {foresight.map(({ sessions, records, off }) => (
              <tr key={sessions}>
                <td className="num">{sessions}</td>
                <td className="num">{records}</td>
                <td className="num">{percent(off)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}
