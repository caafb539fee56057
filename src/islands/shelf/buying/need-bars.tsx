import type { ItemOutlook } from '../../../app/buying/outlook';
import type { Units } from '../../../core/measure';
import { Heads, num, unseen } from '../../../ui/heads';
import { amountOf } from '../../../ui/words/amount';
import { day } from '../../../ui/words/region';

/** What is there for each session ahead, as a bar: what is there, and what is missing of it. */
export function NeedBars({ item, units }: { item: ItemOutlook; units: Units }) {
  const most = Math.max(1, ...item.lines.map((line) => line.amount));
  return (
    <table className="sheet text-sm">
      <caption className="sr-only">Sessions that need {item.name}</caption>
      <Heads of={['Session', unseen('Needed, drawn', 'w-1/3'), num('Needs'), num('Missing')]} />
      <tbody>
        {item.lines.map((line) => (
          <tr key={line.session}>
            <td>
              <a className="hover:underline" href={`/sessions/${line.session}/cut`}>
                {day(line.on, 'short')}, {line.title}
              </a>
              {line.reserved >= line.amount && <span className="quiet"> · reserved</span>}
            </td>
            <td>
              <svg viewBox="0 0 100 8" preserveAspectRatio="none" className="block h-3 w-full" aria-hidden="true">
                <rect width={(100 * line.there) / most} height={8} className="fill-neutral" />
                <rect
                  x={(100 * line.there) / most}
                  width={(100 * line.short) / most}
                  height={8}
                  className="fill-none stroke-error"
                  strokeWidth={1.5}
                  strokeDasharray="2 1"
                />
              </svg>
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
