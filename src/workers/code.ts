import { wrap, type Remote } from 'comlink';

interface CodeWorker {
  readCode: (picture: ImageData) => Promise<string | null>;
}

/** A reader of QR codes in a worker of its own, until it is stopped. */
export function codeReader(): { readonly reader: Remote<CodeWorker>; readonly stop: () => void } {
  const worker = new Worker(new URL('./code.worker', import.meta.url), { type: 'module' });
  return { reader: wrap<CodeWorker>(worker), stop: () => worker.terminate() };
}
