import { expose } from 'comlink';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import wasm from 'zxing-wasm/reader/zxing_reader.wasm?url';

// From this server; it would be fetched from elsewhere.
prepareZXingModule({ overrides: { locateFile: () => wasm } });

/** The text of a QR code in a picture; null where there is none. */
async function readCode(picture: ImageData): Promise<string | null> {
  const [found] = await readBarcodes(picture, { formats: ['QRCode'], maxNumberOfSymbols: 1 });
  return found?.text || null;
}

expose({ readCode });
