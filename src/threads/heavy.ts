import { parentPort } from 'node:worker_threads';
import { foresight, learn, recordsOf, type StoredEntry } from '../core/record';
import { roomTimes } from '../core/remedy';
import { packTexts, unpackStudio } from '../formats/archive';
import { labelsPdf } from '../formats/labels';
import { sheetPdf } from '../formats/sheets';
import { readFonts } from './fonts';
import type { Answer, Asked, Tasks } from './tasks';

const TASKS: { readonly [Name in keyof Tasks]: (input: Tasks[Name]['input']) => Promise<Tasks[Name]['output']> } = {
  labels: async ({ labels, paper, title }) => labelsPdf(labels, paper, await readFonts(), title),
  sheet: async ({ sheet, paper }) => sheetPdf(sheet, paper, await readFonts()),
  room: async (room) => roomTimes(room),
  pack: async ({ texts, on }) => packTexts(texts, on),
  learn: async ({ texts, hands, growth, figures }) => {
    const records = recordsOf(texts.flatMap((text) => JSON.parse(text) as StoredEntry[]));
    return { said: learn({ records, hands, growth }, figures), foresight: foresight(records, figures) };
  },
  unpack: async ({ bytes, known, now }) => unpackStudio(bytes, known, now),
};

/** One after the other, in a thread of its own: what takes seconds keeps nobody waiting but who asked for it. */
parentPort!.on('message', ({ id, task, input }: Asked) => {
  const done = (answer: Answer): void => parentPort!.postMessage(answer);
  (TASKS[task] as (input: unknown) => Promise<unknown>)(input).then(
    (output) => done({ id, output }),
    (error: unknown) => done({ id, failed: error instanceof Error ? error.message : 'failed' }),
  );
});
