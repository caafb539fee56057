import { boardFolds } from '../../core/cut';
import { formatLength, type Units } from '../../core/measure';

/** A cut as so many lengths of the board and a remainder: how a long cut is measured on a short table. */
export function boardWords(mm: number, board: number, units: Units): string {
  const { boards, remainder_mm } = boardFolds(mm, board);
  if (boards === 0) return '';
  const rest = remainder_mm > 0 ? ` + ${formatLength(remainder_mm, units, 'up')}` : '';
  return `${boards} × the ${formatLength(board, units)} board${rest}`;
}
