import { Unzip, UnzipInflate, UnzipPassThrough } from 'fflate';

/** So much is put in at once: what it unpacks to is counted before more of it is. */
const STEP = 16_384;

/**
 * Files of a ZIP by name, counted as they unpack: what it says of its own sizes is not believed.
 *
 * @param wanted whether a file is kept; the others are unpacked too, and counted
 * @throws in words, where it is no ZIP, or too much of one
 */
export function unzip(
  bytes: Uint8Array,
  wanted: (name: string) => boolean,
  most: { readonly bytes: number; readonly files: number },
): Map<string, Uint8Array> {
  const parts = new Map<string, Uint8Array[]>();
  let size = 0;
  let files = 0;
  const zip = new Unzip((file) => {
    files += 1;
    if (files > most.files) throw new Error('It holds more files than it should.');
    const own: Uint8Array[] = [];
    const isKept = wanted(file.name);
    if (isKept && parts.has(file.name)) throw new Error(`${file.name} is in it twice.`);
    if (isKept) parts.set(file.name, own);
    file.ondata = (error, chunk) => {
      if (error) throw new Error(`${file.name} cannot be unpacked: ${error.message}.`);
      size += chunk.length;
      if (size > most.bytes) throw new Error('Unpacked it is larger than it should be.');
      if (isKept) own.push(chunk);
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
