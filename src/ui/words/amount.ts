import { formatTotal, type Units } from '../../core/measure';
import { kindOf } from '../../core/shelf';

/**
 * How much of an item, in its unit: cord by length, everything else in pieces. What is there is rounded down, what is needed up, so
 * that neither promises cord that is not there.
 */
export function amountOf(item: string, amount: number, units: Units, as: 'there' | 'needed' = 'there'): string {
  if (amount === 0) return 'none';
  return kindOf(item) === 'cord'
    ? formatTotal(amount, units, as === 'there' ? 'down' : 'up')
    : `${amount.toLocaleString('en')} pcs`;
}

/** Money in minor units, as a studio writes it: with two decimals and no sign, since the currency is its own. */
export const money = (minor: number): string => (minor / 100).toFixed(2);
