import type { FigureShown } from '../../app/records/open-records';
import { standingOf, STANDING_WORDS, valueWords } from './figure-words';
import { Heads, num } from '../../ui/heads';

/** What lengths rest on first. */
const ORDER = ['Use', 'Allowance', 'Draw', 'Tails', 'Pace', 'Fit'];

/** Every figure that the records speak of, in groups: where it starts, what is in force, and what they say. */
export function FigureTable({
  figures,
  chosen,
  onChoose,
}: {
  figures: readonly FigureShown[];
  chosen: string | null;
  onChoose: (key: string) => void;
}) {
  const groups = [...new Set([...ORDER, ...figures.map(({ group }) => group)])].filter((group) =>
    figures.some((figure) => figure.group === group),
  );
  // With a figure’s tray open there is room for what matters.
  const compact = chosen !== null;
  return (
    <table className="sheet">
      <caption className="sr-only">Figures and what the records say of them</caption>
      <Heads
        of={[
          'Figure',
          ...(compact ? [] : [num('Starts at')]),
          num('In force'),
          num('Records say'),
          ...(compact ? [] : [num('9 in 10 between'), num('Records / makers')]),
          '',
        ]}
      />
      {groups.map((group) => (
        <tbody key={group}>
          <tr>
            <th scope="rowgroup" colSpan={7} className="quiet pt-2! text-sm font-semibold!">
              {group}
            </th>
          </tr>
          {figures
            .filter((figure) => figure.group === group)
            .map((figure) => {
              const { key, label, unit, start, now, value, low, high, records, makers } = figure;
              const standing = standingOf(figure);
              return (
                <tr key={key} aria-selected={key === chosen}>
                  <td>
                    <button
                      type="button"
                      className="text-left hover:underline"
                      title={unit}
                      onClick={() => onChoose(key)}
                    >
                      {label}
                    </button>
                  </td>
                  {!compact && <td className="num quiet">{valueWords(start)}</td>}
                  <td className="num">{valueWords(now.value)}</td>
                  <td className="num font-semibold">{valueWords(value)}</td>
                  {!compact && (
                    <>
                      {' '}
                      <td className="num quiet">
                        {valueWords(low)} to {valueWords(high)}
                      </td>
                      <td
                        className="num"
                        title={`${records} records of ${makers} ${makers === 1 ? 'maker' : 'makers'}`}
                      >
                        {records} <span className="quiet">/ {makers}</span>
                      </td>
                    </>
                  )}{' '}
                  <td
                    className={`text-sm whitespace-nowrap ${standing === 'differs' ? 'font-semibold text-accent' : 'quiet'}`}
                  >
                    {STANDING_WORDS[standing]}
                  </td>
                </tr>
              );
            })}
        </tbody>
      ))}
    </table>
  );
}
