import type { Units } from '../../core/measure';
import type { Outlook } from '../../core/shelf';
import { daysBetween, wordOrder } from '../../core/region';
import { amountOf } from '../words/amount';
import { day } from '../words/region';
import { Swatch } from './swatch';

/** An item that is short. */
interface ShortItem extends Pick<Outlook, 'short' | 'short_on' | 'order_by'> {
  readonly item: string;
  readonly name: string;
  readonly hex: string | null;
}

/** As many as one looks at beside the sessions; the outlook has them all. */
const MOST = 7;

/** By when an item has to be ordered, as somebody says it on the day. */
function orderBy({ order_by, short_on }: ShortItem, today: string): string {
  if (order_by === null) return `needed on ${day(short_on!, 'short')}`;
  const left = daysBetween(today, order_by);
  return left < 0
    ? `should have been ordered by ${day(order_by, 'short')}`
    : left === 0
      ? 'order today'
      : `order by ${day(order_by, 'short')}`;
}

/** What the sessions ahead lack, what has to be ordered soonest first. */
export function ShortList({ items, today, units }: { items: readonly ShortItem[]; today: string; units: Units }) {
  const soonest = [...items].sort((a, b) => wordOrder(a.order_by ?? a.short_on!, b.order_by ?? b.short_on!));
  const more = soonest.length - MOST;
  return (
    <section aria-label="Short" className="mt-3 border-t hair py-4">
      <h2 className="text-xl">Short</h2>
      <ul className="mt-1">
        {soonest.slice(0, MOST).map((item) => {
          const late = item.order_by !== null && item.order_by <= today;
          return (
            <li key={item.item} className="flex items-baseline gap-2 border-b hair py-1.5">
              {item.hex ? <Swatch hex={item.hex} /> : <span className="w-3.5 shrink-0" />}
              <span className="min-w-0 flex-1">
                {item.name}
                <span className={`block text-sm ${late ? 'font-semibold text-error' : 'quiet'}`}>
                  {orderBy(item, today)}
                </span>
              </span>
              <span className="text-right whitespace-nowrap tabular-nums">
                {amountOf(item.item, item.short, units, 'needed')}
              </span>
            </li>
          );
        })}
      </ul>
      <p className="mt-2">
        <a className="btn btn-sm" href="/shelf?view=outlook">
          {more > 0 ? `All ${items.length}, and what to order` : 'What to order'}
        </a>
      </p>
    </section>
  );
}
