import { formatTotal, type Units } from '../../core/measure';
import { kindOf } from '../../core/shelf';
import { number } from './region';

/**
 * How much of an item, in its unit: cord by length, everything else in pieces. What is there is rounded down, what is needed up, so
 * that neither promises cord that is not there.
 */
export function amountOf(item: string, amount: number, units: Units, as: 'there' | 'needed' = 'there'): string {
  if (amount === 0) return 'none';
  return kindOf(item) === 'cord' ? formatTotal(amount, units, as === 'there' ? 'down' : 'up') : `${number(amount)} pcs`;
}
