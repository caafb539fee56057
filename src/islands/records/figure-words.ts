import { number } from '../../ui/words/region';
import type { FigureShown } from '../../app/records/open-records';

/** A figure's value to as many places as it can be told apart by. */
export const valueWords = (value: number): string =>
  value >= 100 ? number(value) : value >= 10 ? number(value, 1) : number(value, 3);

/** How a figure stands to what the records say. */
export type Standing = 'in force' | 'kept' | 'differs' | 'agrees';

/** Within so much of each other two values are one. */
const SAME = 5e-4;

export function standingOf({ now, value, low, high, last }: FigureShown): Standing {
  if (Math.abs(now.value / value - 1) < SAME) return 'in force';
  if (last?.how === 'kept' && !last.undone) return 'kept';
  return now.value < low || now.value > high ? 'differs' : 'agrees';
}

export const STANDING_WORDS: Readonly<Record<Standing, string>> = {
  'in force': 'in force',
  kept: 'left as it was',
  differs: 'they differ',
  agrees: 'may both be',
};
