/** A column of a sheet: its heading, its share of the width on paper, and how its cells are read. */
export interface SheetColumn {
  readonly name: string;
  readonly share: number;
  /** Numbers stand to the right. */
  readonly num?: boolean;
  /** Read from a metre away. */
  readonly large?: boolean;
  /** A length to cut by: larger still on the page. */
  readonly length?: boolean;
}

/** A cell: words, and what stands beside and under them, smaller. */
export interface SheetCell {
  readonly text: string;
  /** Said behind it: an estimate. */
  readonly note?: string;
  /** The same in other units. */
  readonly also?: string;
  readonly under?: string;
  /** Things to be ticked off, one under the other. */
  readonly ticks?: readonly string[];
}

/** A row: a cell for each column. */
export type SheetRow = readonly (string | SheetCell)[];

/** Rows under a heading; several tables of one heading have a caption each. */
export interface SheetTable {
  readonly heading: string;
  readonly caption?: string;
  readonly columns: readonly SheetColumn[];
  readonly rows: readonly SheetRow[];
  /** Slim rows between them: from which row on a group goes, and what it is. */
  readonly groups?: readonly { readonly from: number; readonly words: string }[];
  /** What each row is ticked off for: the heading over its box. */
  readonly ticked?: string;
  /** Said under the rows. */
  readonly after?: string;
}

/** Lines under a heading. */
export interface SheetList {
  readonly heading: string;
  readonly lines: readonly string[];
  /** Whether each line is ticked off. */
  readonly ticked?: boolean;
}

export type SheetSection = SheetTable | SheetList;

/** A sheet for the table, for page and paper alike: what it is, where and when, its sections, and what has to be read at the end. */
export interface Sheet {
  readonly title: string;
  readonly line: string;
  /** In the corner of the head, line by line. */
  readonly corner?: readonly string[];
  /** Said in a frame before anything else. */
  readonly warning?: string | null;
  /** Said where there is nothing on it. */
  readonly empty?: string;
  readonly sections: readonly SheetSection[];
  /** Said in a frame at the end: cautions. */
  readonly closing: readonly string[];
}

/** The rows of a table by group, each with its words; one without words where they are not grouped. */
export function bodiesOf({
  rows,
  groups,
}: SheetTable): { readonly words?: string; readonly rows: readonly SheetRow[] }[] {
  if (!groups) return [{ rows }];
  return groups.map(({ from, words }, i) => ({ words, rows: rows.slice(from, groups[i + 1]?.from) }));
}

/** A cell as it is, whether it was written as words alone. */
export const cellOf = (cell: string | SheetCell): SheetCell => (typeof cell === 'string' ? { text: cell } : cell);
