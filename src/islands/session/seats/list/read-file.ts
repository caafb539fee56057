import { sheetInWorker } from '../../../../workers/spreadsheet';

/** No list of a session is larger. */
const MOST_TEXT = 900_000;
const MOST_SHEET = 2_000_000;

/**
 * A file of a list as text: a spreadsheet by its first sheet, anything else as it is written.
 *
 * @throws in words, where it is too large or cannot be read
 */
export async function textOf(file: File): Promise<string> {
  const isSheet = /\.xlsx$/i.test(file.name);
  if (file.size > (isSheet ? MOST_SHEET : MOST_TEXT))
    throw new Error(`${file.name} is over ${isSheet ? 2 : 0.9} MB: that is no list of a session.`);
  if (/\.(?:xls|ods|numbers|pdf|docx?)$/i.test(file.name))
    throw new Error(`${file.name} cannot be read: save it as .xlsx or .csv, or copy the list and paste it.`);
  return isSheet ? sheetInWorker(new Uint8Array(await file.arrayBuffer())) : file.text();
}
