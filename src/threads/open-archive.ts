import { promisify } from 'node:util';
import yauzl, { type Entry, type ZipFile } from 'yauzl';
import { ArchiveError, type ArchiveFiles } from '../formats/archive';

/** A studio has one file a table, and a manifest. */
const MAX_FILES = 60;
/** Unpacked, all files together: a studio of several million records is below it. */
const MAX_BYTES = 8_000_000_000;
/** JSON of a studio packs ten or twenty to one; what claims far more is no studio. */
const MAX_RATIO = 200;
const NAME = /^[a-z_]{1,40}\.json$/;

const openZip = promisify<string, yauzl.Options, ZipFile>(yauzl.open);

async function entriesOf(zip: ZipFile): Promise<Map<string, Entry>> {
  const entries = new Map<string, Entry>();
  let bytes = 0;
  await new Promise<void>((resolve, reject) => {
    zip.on('entry', (entry: Entry) => {
      bytes += entry.uncompressedSize;
      if (entries.size >= MAX_FILES) reject(new ArchiveError('It holds more files than it should.'));
      else if (entries.has(entry.fileName)) reject(new ArchiveError(`${entry.fileName} is in it twice.`));
      else if (bytes > MAX_BYTES || entry.uncompressedSize > 1_000_000 + MAX_RATIO * entry.compressedSize)
        reject(new ArchiveError('Unpacked it is larger than it should be.'));
      else {
        // Any other file is not looked into.
        if (NAME.test(entry.fileName)) entries.set(entry.fileName, entry);
        zip.readEntry();
      }
    });
    zip.on('end', resolve);
    zip.on('error', reject);
    zip.readEntry();
  });
  return entries;
}

/**
 * A ZIP file on disk as an archive to read. Each file is unpacked as it is read, and ends in an error where it holds more than the ZIP
 * says.
 *
 * @throws ArchiveError where it is no ZIP that can be read, or too much of one
 */
export async function openArchive(path: string): Promise<ArchiveFiles & { readonly close: () => void }> {
  let zip: ZipFile | null = null;
  try {
    zip = await openZip(path, { lazyEntries: true, autoClose: false, validateEntrySizes: true });
    const opened = zip;
    const entries = await entriesOf(opened);
    const openEntry = promisify<Entry, NodeJS.ReadableStream>(opened.openReadStream.bind(opened));
    return {
      names: new Set(entries.keys()),
      open: async function* (name) {
        yield* (await openEntry(entries.get(name)!)) as AsyncIterable<Uint8Array>;
      },
      close: () => opened.close(),
    };
  } catch (error) {
    zip?.close();
    throw error instanceof ArchiveError ? error : new ArchiveError('It is no ZIP that can be read.');
  }
}
