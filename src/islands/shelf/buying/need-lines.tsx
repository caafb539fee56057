import type { ItemOutlook } from '../../../app/buying/outlook';
import type { Units } from '../../../core/measure';
import { Heads, num } from '../../../ui/heads';
import { amountOf } from '../../../ui/words/amount';
import { day } from '../../../ui/words/region';

/** What each session ahead needs of an item, and what is missing of it: the table to the chart of its level. */
export function NeedLines({ item, units }: { item: ItemOutlook; units: Units }) {
  return (
    <table className="sheet text-sm">
      <caption className="sr-only">Sessions that need {item.name}</caption>
      <Heads of={['Session', num('Needs'), num('Missing')]} />
      <tbody>
        {item.lines.map((line) => (
          <tr key={line.session}>
            <td>
              <a className="hover:underline" href={`/sessions/${line.session}/cut`}>
                {day(line.on, 'short')}, {line.title}
              </a>
              {line.reserved >= line.amount && <span className="quiet"> · reserved</span>}
            </td>
            <td className="num">{amountOf(item.item, line.amount, units, 'needed')}</td>
            <td className="num">
              {line.short > 0 ? (
                <strong className="text-error">{amountOf(item.item, line.short, units, 'needed')}</strong>
              ) : (
                ''
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
