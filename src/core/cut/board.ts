import { formatLength, type Units } from '../measure';

/**
 * A cut measured on a short table: so many times the board, and a remainder. A long cut is halved first, so that it is folded
 * on the board an even number of times.
 *
 * @param mm the cut
 * @param board length of the board, mm, more than zero
 *
 * @example
 * boardFolds(1570, 500) // { boards: 3, remainder_mm: 70 }
 */
export function boardFolds(mm: number, board: number): { readonly boards: number; readonly remainder_mm: number } {
  const boards = Math.floor(mm / board + 1e-9);
  return { boards, remainder_mm: Number((mm - boards * board).toFixed(2)) };
}

/**
 * The same as it stands in a column of its own, whose heading says how long the board is; nothing where it is shorter than the board.
 *
 * @example
 * foldWords(1570, 500, 'cm') // '3 × + 7.0 cm'
 * foldWords(1000, 500, 'cm') // '2 ×'
 */
export function foldWords(mm: number, board: number, units: Units): string {
  const { boards, remainder_mm } = boardFolds(mm, board);
  if (boards === 0) return '';
  return `${boards} ×${remainder_mm > 0 ? ` + ${formatLength(remainder_mm, units, 'up')}` : ''}`;
}

/**
 * The same in words: how a long cut is measured on a short table; nothing where it is shorter than the board.
 *
 * @example
 * boardWords(1570, 500, 'cm') // '3 × the 50.0 cm board + 7.0 cm'
 * boardWords(300, 500, 'cm') // ''
 */
export function boardWords(mm: number, board: number, units: Units): string {
  const { boards, remainder_mm } = boardFolds(mm, board);
  if (boards === 0) return '';
  const rest = remainder_mm > 0 ? ` + ${formatLength(remainder_mm, units, 'up')}` : '';
  return `${boards} × the ${formatLength(board, units)} board${rest}`;
}
