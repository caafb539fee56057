import { readSheet } from 'read-excel-file/universal';
import { unzip } from './unzip';

/** Unpacked, the list of a session is at most this large, in so many parts. */
const LIMITS = { bytes: 30_000_000, files: 200 };
/** The most rows and columns of a list; the reader makes a cell for each place up to the last one that is named. */
const [MAX_ROWS, MAX_COLUMNS, MAX_CELLS] = [20_000, 256, 1_000_000];

const cellText = (value: unknown): string => {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  // A cell may hold tabs and line ends: here they end cells and lines.
  return String(value as string | number | boolean)
    .replace(/\s+/g, ' ')
    .trim();
};

const columnOf = (letters: string): number =>
  [...letters].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0);

/** Refuses a sheet whose cells lie further apart than in any list, before a place is made for each: one cell can name the last of billions. */
function refuseVast(xml: string): void {
  let [rows, columns] = [0, 0];
  for (const [, letters, row] of xml.matchAll(/\br="([A-Z]{0,7})(\d{1,10})"/g)) {
    rows = Math.max(rows, Number(row));
    columns = Math.max(columns, columnOf(letters!));
    if (rows > MAX_ROWS) throw new Error(`It has over ${MAX_ROWS} rows: that is no list of a session.`);
    if (columns > MAX_COLUMNS) throw new Error(`It has over ${MAX_COLUMNS} columns: that is no list of a session.`);
    if (rows * columns > MAX_CELLS) throw new Error('It has over a million cells: that is no list of a session.');
  }
}

/**
 * The first sheet of a spreadsheet saved as .xlsx, as lines of cells apart by tabs.
 *
 * @throws in words, where it is none, or unpacks to more than any list
 */
export async function sheetText(bytes: Uint8Array): Promise<string> {
  // Counted as it unpacks, before anything is made of it: what it says of its own size is not believed.
  const sheets = unzip(bytes, (name) => /^xl\/worksheets\/[^/]+\.xml$/.test(name), LIMITS);
  for (const sheet of sheets.values()) refuseVast(new TextDecoder().decode(sheet));
  let rows: readonly (readonly unknown[])[];
  try {
    rows = await readSheet(new Blob([bytes.slice()]));
  } catch {
    throw new Error('This is no spreadsheet that can be read: save it as .xlsx again, or as .csv.');
  }
  if (rows.length > MAX_ROWS) throw new Error(`It has over ${MAX_ROWS} rows: that is no list of a session.`);
  return rows.map((row) => row.map(cellText).join('\t').trimEnd()).join('\n');
}
