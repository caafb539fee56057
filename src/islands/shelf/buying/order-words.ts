import type { ItemOutlook } from '../../../app/buying/outlook';
import type { Units } from '../../../core/measure';
import type { Bought, OrderGroup, Way } from '../../../core/shelf';
import { amountOf } from '../../../ui/words/amount';
import { day, money } from '../../../ui/words/region';

/** A line of an order: what is short, how it is bought, how it would be unless it were chosen otherwise, and whether it is left out. */
export interface OrderLine extends Bought {
  readonly of: ItemOutlook;
  readonly usual: Way;
  readonly without: boolean;
}

/** The page of the list to print, with what was chosen otherwise than usual. */
export function pageOf(lines: readonly OrderLine[]): string {
  const query = new URLSearchParams();
  for (const { item, way, usual, without } of lines) {
    if (without) query.append('without', item);
    else if (way.pack !== usual.pack) query.append('pack', `${item}~${way.pack}`);
  }
  return `/order-list${query.size > 0 ? `?${query}` : ''}`;
}

/** A message with the list, for the mail program of whoever orders. */
export function mailOf(groups: readonly OrderGroup<OrderLine>[], units: Units): string {
  const body = groups.flatMap(({ supplier, lead_days, lines }) => [
    `${supplier || 'Bought elsewhere'} (${lead_days} days)`,
    ...lines.map(
      ({ of, way }) =>
        `${way.needed} × ${amountOf(of.item, way.pack, units)} ${of.name}, ${money(way.cost)}${of.order_by ? `, order by ${day(of.order_by)}` : ''}`,
    ),
    '',
  ]);
  return `mailto:?subject=${encodeURIComponent('To order')}&body=${encodeURIComponent(body.join('\r\n'))}`;
}
