import { wrap } from 'comlink';

interface SpreadsheetWorker {
  sheetText: (bytes: Uint8Array) => Promise<string>;
}

/** Longer than this no list takes to be read. */
const SECONDS = 20;

/** Reads a spreadsheet in a worker of its own, which is fetched only then and ends with it, whatever the file does to it. */
export async function sheetInWorker(bytes: Uint8Array): Promise<string> {
  const worker = new Worker(new URL('./spreadsheet.worker', import.meta.url), { type: 'module' });
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = () => reject(new Error('The spreadsheet could not be read.'));
    setTimeout(() => reject(new Error('The spreadsheet takes too long to read: save it as .csv.')), SECONDS * 1000);
  });
  try {
    return await Promise.race([wrap<SpreadsheetWorker>(worker).sheetText(bytes), failed]);
  } finally {
    worker.terminate();
  }
}
