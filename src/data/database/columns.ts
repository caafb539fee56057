/** A column of an answer: what is written for it, and what its cells are. */
export interface Column<T> {
  /** The expression it is read by; null where that is its own name. */
  readonly sql: string | null;
  /** What a cell must be, in a word. */
  readonly what: string;
  readonly is: (cell: unknown) => cell is T;
}

export type Columns = Readonly<Record<string, Column<unknown>>>;

/** A row as its columns say it is. */
export type RowOf<C extends Columns> = { readonly [K in keyof C]: C[K] extends Column<infer T> ? T : never };

/** A kind of column. */
const kind =
  <T>(what: string, is: (cell: unknown) => cell is T) =>
  (sql: string | null = null): Column<T> => ({ sql, what, is });

export const text = kind('a text', (cell): cell is string => typeof cell === 'string');
export const number = kind('a number', (cell): cell is number => typeof cell === 'number');
export const truth = kind('true or false', (cell): cell is boolean => typeof cell === 'boolean');
export const moment = kind('a moment', (cell): cell is Date => cell instanceof Date);

/** One of some words. */
export const word = <T extends string>(words: readonly T[], sql: string | null = null): Column<T> => {
  const known: ReadonlySet<unknown> = new Set(words);
  return { sql, what: `one of ${words.join(', ')}`, is: (cell): cell is T => known.has(cell) };
};

/** A document: it was checked against its schema when it was written. */
export const document = <T extends object>(sql: string | null = null): Column<T> => ({
  sql,
  what: 'a document',
  is: (cell): cell is T => typeof cell === 'object' && cell !== null,
});

export const orNull = <T>({ sql, what, is }: Column<T>): Column<T | null> => ({
  sql,
  what: `${what}, or null`,
  is: (cell): cell is T | null => cell === null || is(cell),
});

export const listOf = <T>({ sql, what, is }: Column<T>): Column<T[]> => ({
  sql,
  what: `a list, each ${what}`,
  is: (cell): cell is T[] => Array.isArray(cell) && cell.every(is),
});

/** Columns as a statement asks for them. */
export const written = (columns: Columns): string =>
  Object.entries(columns)
    .map(([name, { sql }]) => (sql === null ? name : `${sql} AS ${name}`))
    .join(', ');

/** Rows as they came, if they are what their columns say. @throws where a cell is something else */
export function checked<C extends Columns>(columns: C, rows: readonly object[]): RowOf<C>[] {
  const all = Object.entries(columns);
  const isRow = (row: object): row is RowOf<C> => {
    const cells: Readonly<Record<string, unknown>> = { ...row };
    const wrong = all.find(([name, { is }]) => !is(cells[name]));
    if (wrong) throw new Error(`${wrong[0]} came as ${typeof cells[wrong[0]]}, not ${wrong[1].what}`);
    return true;
  };
  return rows.filter(isRow);
}
