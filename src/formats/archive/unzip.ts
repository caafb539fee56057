import { Unzip, UnzipInflate, UnzipPassThrough } from 'fflate';

/** Unpacked, an archive is at most this large: past it, it is no studio. */
const MOST_BYTES = 120_000_000;
const MOST_FILES = 60;
/** So much is put in at once: what it unpacks to is counted before more of it is. */
const STEP = 16_384;

/**
 * The files of a ZIP by name, counted as they unpack: what it says of its own sizes is not believed. Only names that a studio's files
 * have are read.
 *
 * @throws in words, where it is no ZIP, or too much of one
 */
export function unzip(bytes: Uint8Array): Map<string, Uint8Array> {
  const parts = new Map<string, Uint8Array[]>();
  let size = 0;
  let files = 0;
  const zip = new Unzip((file) => {
    files += 1;
    if (files > MOST_FILES) throw new Error('It holds more files than any studio.');
    if (!/^[a-z_]{1,40}\.json$/.test(file.name)) return;
    if (parts.has(file.name)) throw new Error(`${file.name} is in it twice.`);
    const own: Uint8Array[] = [];
    parts.set(file.name, own);
    file.ondata = (error, chunk) => {
      if (error) throw new Error(`${file.name} cannot be unpacked: ${error.message}.`);
      size += chunk.length;
      if (size > MOST_BYTES) throw new Error('Unpacked it is larger than any studio.');
      own.push(chunk);
    };
    file.start();
  });
  zip.register(UnzipInflate);
  zip.register(UnzipPassThrough);
  if (bytes[0] !== 0x50 || bytes[1] !== 0x4b) throw new Error('It is no ZIP that can be read.');
  for (let at = 0; at < bytes.length; at += STEP) zip.push(bytes.subarray(at, at + STEP), at + STEP >= bytes.length);
  return new Map(
    [...parts].map(([name, own]) => {
      const whole = new Uint8Array(own.reduce((sum, part) => sum + part.length, 0));
      let at = 0;
      for (const part of own) {
        whole.set(part, at);
        at += part.length;
      }
      return [name, whole];
    }),
  );
}
