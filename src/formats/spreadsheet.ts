import { readSheet } from 'read-excel-file/universal';
import { unzip } from './unzip';

/** Unpacked, the list of a session is at most this large, in so many parts. */
const LIMITS = { bytes: 30_000_000, files: 200 };
const MOST_ROWS = 20_000;

const cellText = (value: unknown): string => {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  // A cell may hold tabs and line ends: here they end cells and lines.
  return String(value as string | number | boolean)
    .replace(/\s+/g, ' ')
    .trim();
};

/**
 * The first sheet of a spreadsheet saved as .xlsx, as lines of cells apart by tabs.
 *
 * @throws in words, where it is none, or unpacks to more than any list
 */
export async function sheetText(bytes: Uint8Array): Promise<string> {
  // Counted as it unpacks, before anything is made of it: what it says of its own size is not believed.
  unzip(bytes, () => false, LIMITS);
  let rows: readonly (readonly unknown[])[];
  try {
    rows = await readSheet(new Blob([bytes.slice()]));
  } catch {
    throw new Error('This is no spreadsheet that can be read: save it as .xlsx again, or as .csv.');
  }
  if (rows.length > MOST_ROWS) throw new Error(`It has over ${MOST_ROWS} rows: that is no list of a session.`);
  return rows.map((row) => row.map(cellText).join('\t').trimEnd()).join('\n');
}
