import Papa from 'papaparse';

/** Rows as CSV with a heading line; a text that a spreadsheet would take for a formula is kept a text. */
export function toCsv(
  rows: readonly Readonly<Record<string, string | number | null>>[],
  columns: readonly string[],
): string {
  const data = rows.map((row) => columns.map((column) => row[column] ?? ''));
  const csv = Papa.unparse({ fields: [...columns], data }, { escapeFormulae: true });
  // A heading alone it ends itself.
  return csv.endsWith('\r\n') ? csv : `${csv}\r\n`;
}
