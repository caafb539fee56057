import { Type, type Static } from '@sinclair/typebox';
import { done, not, type Result } from '../result';

/** What can happen to a lot. An `undo` is the counter-entry of another movement. */
export const MOVEMENTS = ['receive', 'reserve', 'release', 'issue', 'return', 'waste', 'count', 'undo'] as const;
export type MovementKind = (typeof MOVEMENTS)[number];

/** How many movements are read at once. */
export const LEDGER_PAGE = 50;

/** What a lot is: one continuous length of cord, or a bag of pieces. */
export const LOT_KINDS = ['spool', 'hank', 'pack', 'offcut', 'bag'] as const;
export const LotKindSchema = Type.Unsafe<(typeof LOT_KINDS)[number]>({ type: 'string', enum: [...LOT_KINDS] });
export type LotKind = Static<typeof LotKindSchema>;

/** How a lot stands: what is there, how much of it is reserved, and how much of that by the session in question. */
export interface Balance {
  readonly hand: number;
  readonly held: number;
  readonly mine: number;
}

/** What a movement changes: what is there, and what of it is reserved. */
export interface Change {
  readonly hand: number;
  readonly held: number;
}

const changed = (hand: number, held: number): Result<Change> => done({ hand, held });

/**
 * What a movement changes, or why it cannot be. Amounts in the lot's unit, whole and over 0; of a count, what was counted.
 * A session's issue takes what it reserved first; what others reserved is never touched.
 *
 * @example
 * move('issue', 40, { hand: 100, held: 60, mine: 60 }).value // { hand: -40, held: -40 }
 * move('issue', 50, { hand: 100, held: 60, mine: 0 }).fault // '40 free of 100'
 */
export function move(
  kind: Exclude<MovementKind, 'undo'>,
  amount: number,
  { hand, held, mine }: Balance,
): Result<Change> {
  const free = hand - held;
  if (amount < (kind === 'count' ? 0 : 1)) return not('nothing was asked for');
  switch (kind) {
    case 'receive':
    case 'return':
      return changed(amount, 0);
    case 'reserve':
      return amount <= free ? changed(0, amount) : not(`${free} free of ${hand}`);
    case 'release':
      return amount <= mine ? changed(0, -amount) : not(`${mine} reserved`);
    case 'issue':
      return amount <= free + mine ? changed(-amount, -Math.min(mine, amount)) : not(`${free + mine} free of ${hand}`);
    case 'waste':
      return amount <= free ? changed(-amount, 0) : not(`${free} free of ${hand}`);
    case 'count':
      return amount >= held ? changed(amount - hand, 0) : not(`${held} are reserved; release them first`);
  }
}
