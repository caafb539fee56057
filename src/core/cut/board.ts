/**
 * A cut measured on a short table: so many times the board, and a remainder. A long cut is halved first, so that it is folded
 * on the board an even number of times.
 *
 * @param mm the cut
 * @param board length of the board, mm, more than zero
 */
export function boardFolds(mm: number, board: number): { readonly boards: number; readonly remainder_mm: number } {
  const boards = Math.floor(mm / board + 1e-9);
  return { boards, remainder_mm: Number((mm - boards * board).toFixed(2)) };
}
