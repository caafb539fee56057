import { formatTotal, type Units } from '../core/measure';
import { kindOf } from '../core/shelf';

/** How much of an item, in its unit: cord by length, everything else in pieces. */
export const amountOf = (item: string, amount: number, units: Units): string =>
  kindOf(item) === 'cord'
    ? amount === 0
      ? 'none'
      : formatTotal(amount, units)
    : amount === 0
      ? 'none'
      : `${amount.toLocaleString('en')} pcs`;

/** Money in minor units, as a studio writes it: with two decimals and no sign, since the currency is its own. */
export const money = (minor: number): string => (minor / 100).toFixed(2);
