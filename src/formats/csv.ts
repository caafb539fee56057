import Papa from 'papaparse';

/** A row of a table, by its columns. */
export type CsvRow = Readonly<Record<string, string | number | null>>;

/** Cells as lines of CSV, each with its end; a text that a spreadsheet would take for a formula is kept a text. */
const lines = (cells: readonly (readonly unknown[])[]): string =>
  cells.length === 0 ? '' : `${Papa.unparse(cells as unknown[][], { escapeFormulae: true })}\r\n`;

const cellsOf = (row: CsvRow, columns: readonly string[]): unknown[] => columns.map((column) => row[column] ?? '');

/** Rows as CSV with a heading line. */
export const toCsv = (rows: readonly CsvRow[], columns: readonly string[]): string =>
  lines([columns, ...rows.map((row) => cellsOf(row, columns))]);

/** The same in parts, as the rows come. */
export async function* csvParts(
  batches: AsyncIterable<readonly CsvRow[]>,
  columns: readonly string[],
): AsyncGenerator<string> {
  yield lines([columns]);
  for await (const rows of batches) {
    const part = lines(rows.map((row) => cellsOf(row, columns)));
    if (part !== '') yield part;
  }
}

/** A JSON document whose last field is a list, in parts, as the list's values come. */
export async function* jsonParts(
  head: Readonly<Record<string, unknown>>,
  list: string,
  batches: AsyncIterable<readonly unknown[]>,
): AsyncGenerator<string> {
  const fields = Object.entries(head).map(([name, value]) => `  ${JSON.stringify(name)}: ${JSON.stringify(value)},\n`);
  yield `{\n${fields.join('')}  ${JSON.stringify(list)}: [`;
  let before = '\n';
  for await (const values of batches) {
    if (values.length === 0) continue;
    yield before + values.map((value) => `    ${JSON.stringify(value)}`).join(',\n');
    before = ',\n';
  }
  yield before === '\n' ? ']\n}\n' : '\n  ]\n}\n';
}
