// What the server has done in worker threads: each export is a task, by its name.
import { once } from 'node:events';
import { foresight, learn as learnFrom, recordsOf, type StoredEntry } from '../core/record';
import { roomTimes } from '../core/remedy';
import { done, not } from '../core/result';
import { ArchiveError, readArchive } from '../formats/archive';
import { labelsPdf } from '../formats/labels';
import { agesOnDay, readRoster } from '../formats/roster';
import { sheetPdf } from '../formats/sheets';
import { readStockCsv } from '../formats/stock';
import { readFonts } from './fonts';
import { openArchive } from './open-archive';
import { recordsOfHistory } from './history';
import type { Input, Output, Task } from './tasks';

type Work<Name extends Task> = (input: Input<Name>) => Promise<Output<Name>>;

export const labels: Work<'labels'> = async ({ labels: all, paper, title }) =>
  labelsPdf(all, paper, await readFonts(), title);
export const sheet: Work<'sheet'> = async ({ sheet: one, paper }) => sheetPdf(one, paper, await readFonts());
export const room: Work<'room'> = async (one) => roomTimes(one);
export const learn: Work<'learn'> = async ({ texts, hands, growth, figures }) => {
  const records = recordsOf(texts.flatMap((text) => JSON.parse(text) as StoredEntry[]));
  return { said: learnFrom({ records, hands, growth }, figures), foresight: foresight(records, figures) };
};
export const roster: Work<'roster'> = async ({ text, projects, vocabulary, said, today }) =>
  agesOnDay(readRoster(text, projects, vocabulary, said), today);
export const stock: Work<'stock'> = async ({ text, names, counting }) => readStockCsv(text, names, counting);
export const history: Work<'history'> = async (input) => recordsOfHistory(input);

export const unpack: Work<'unpack'> = async ({ path, known, now, port }) => {
  // Where nobody takes the batches any more, the other end is closed.
  const closed = once(port, 'close').then(() => {
    throw new ArchiveError('Nobody waits for it.');
  });
  closed.catch(() => undefined);
  try {
    const archive = await openArchive(path);
    let rows = 0;
    try {
      for await (const batch of readArchive(archive, known, now)) {
        rows += batch.rows;
        port.postMessage(batch);
        await Promise.race([once(port, 'message'), closed]);
      }
    } finally {
      archive.close();
    }
    return done(rows);
  } catch (error) {
    if (error instanceof ArchiveError) return not(error.message);
    throw error;
  }
};
