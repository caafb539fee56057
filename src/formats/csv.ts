import Papa from 'papaparse';

/** Rows as CSV with a heading line; a text that a spreadsheet would take for a formula is kept a text. */
export const toCsv = (
  rows: readonly Readonly<Record<string, string | number | null>>[],
  columns: readonly string[],
): string =>
  `${Papa.unparse({ fields: [...columns], data: rows.map((row) => columns.map((column) => row[column] ?? '')) }, { escapeFormulae: true })}\r\n`;
