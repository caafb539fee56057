/** What cutting needs of a linear solver: a minimising model that grows by columns. Every column is at least 0. */
export interface LinearModel {
  /** Adds a column with what it costs, the most of it there may be, and what it puts into each row; answers its index. */
  add(cost: number, most: number, entries: readonly (readonly [row: number, value: number])[]): number;
  /** Sets the least of a column. */
  atLeast(column: number, least: number): void;
  /** Solves it in fractions; null when that fails. */
  solve(): { readonly columns: ArrayLike<number>; readonly duals: ArrayLike<number> } | null;
  /** Solves it in whole numbers from a start, for at most so many seconds; null when nothing was found. */
  solveWhole(seconds: number, start: ArrayLike<number>): ArrayLike<number> | null;
  /** Gives its memory back. */
  free(): void;
}

/** Makes an empty model with these rows. */
export type MakeModel = (rows: readonly { readonly least: number; readonly most: number }[]) => LinearModel;
