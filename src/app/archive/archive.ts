import { createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PassThrough, Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { DatabaseError, UniqueConstraintError, type Transaction } from 'sequelize';
import { ZipFile } from 'yazl';
import { Problem } from '../../core/problem';
import {
  beginImport,
  countRows,
  endImport,
  fillTable,
  isEmptyStudio,
  lockImport,
  STUDIO_TABLES,
  tableTexts,
  type StudioTable,
} from '../../data/archive';
import { inBulkTransaction, inTransaction } from '../../data/database/transaction';
import { manifestOf, type Batch } from '../../formats/archive';
import { inThread, streamFrom } from '../../threads/pool';
import { today } from '../studio/clock';
import { everShipped, markOf, TABLES } from '../studio/shipped';
import { readStudio, stockWithin } from '../studio/studio';
import { noTransfer, type Following } from './transfers';

/** A table's file, a row a line, as its rows are read. */
async function* tableFile(table: StudioTable, t: Transaction, onRows: (count: number) => void): AsyncGenerator<string> {
  let before = '[\n';
  for await (const rows of tableTexts(table, t)) {
    yield before + rows.join(',\n');
    before = ',\n';
    onRows(rows.length);
  }
  yield before === '[\n' ? '[]\n' : '\n]\n';
}

/** Writes the whole studio as one ZIP, each file as its table is read. */
async function packStudio(out: PassThrough, t: Transaction, following: Following): Promise<void> {
  const rows = await countRows(t);
  await following.start('export', rows);
  const zip = new ZipFile();
  zip.addBuffer(Buffer.from(JSON.stringify(manifestOf(STUDIO_TABLES, today(), rows), null, 2)), 'manifest.json');
  const failed = new Promise<never>((_, reject) => zip.on('error', reject));
  for (const table of STUDIO_TABLES)
    zip.addReadStreamLazy(`${table}.json`, (give) => {
      const file = Readable.from(tableFile(table, t, following.add), { highWaterMark: 1 });
      file.on('error', (error) => zip.emit('error', error));
      give(null, file);
    });
  zip.end();
  await Promise.race([pipeline(zip.outputStream, out), failed]);
}

/**
 * The whole studio as one ZIP, as it all was at one moment, whatever is written meanwhile: read with a cursor as it is taken, so that
 * it needs no more memory however large the studio is. It ends when its reader stops.
 */
export async function* exportStudio(following: Following = noTransfer): AsyncGenerator<Uint8Array> {
  const out = new PassThrough();
  const packed = inBulkTransaction((t) => packStudio(out, t, following)).then(
    () => following.end('finished'),
    async (error: unknown) => {
      out.destroy(error as Error);
      await following.end('failed');
    },
  );
  try {
    yield* out as AsyncIterable<Uint8Array>;
  } finally {
    out.destroy();
    await packed;
  }
}

/** Refuses where something of a studio's work is there: what is brought in would be mixed with it, or replace it. */
async function refuseFull(t: Transaction): Promise<void> {
  const { catalogue } = await readStudio(t);
  const isOwn = TABLES.some((table) =>
    Object.values(catalogue[table]).some((doc) => !everShipped(table, doc.slug).includes(markOf(doc))),
  );
  if (isOwn || !(await isEmptyStudio(t)))
    throw new Problem(
      409,
      'not-empty',
      'There are people, sessions, stock, or projects, cords or hardware of your own here already: a studio can be imported into an empty one only.',
    );
}

/**
 * Imports an exported studio into an empty one: all of it, or nothing. What comes is kept in a file, read and checked in a worker
 * thread, and stored batch by batch.
 */
export async function importStudio(
  body: AsyncIterable<Uint8Array>,
  following: Following = noTransfer,
  signal?: AbortSignal,
): Promise<{ readonly rows: number }> {
  await inTransaction(refuseFull);
  const folder = await mkdtemp(join(tmpdir(), 'lapboard-import-'));
  try {
    const path = join(folder, 'studio.zip');
    await pipeline(body, createWriteStream(path, { mode: 0o600 }));
    await following.start('import', null);
    const rows = await inBulkTransaction((t) => storeArchive(path, t, following, signal));
    await following.end('finished');
    return { rows };
  } catch (error) {
    await following.end('failed');
    throw error;
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

async function storeArchive(
  path: string,
  t: Transaction,
  following: Following,
  signal: AbortSignal | undefined,
): Promise<number> {
  if (!(await lockImport(t)))
    throw new Problem(409, 'importing', 'Another import is running. Wait until it has finished, then look again.');
  await refuseFull(t);
  await beginImport(t);
  const now = new Date().toISOString();
  const batches = streamFrom<Batch, Awaited<ReturnType<typeof inThread<'unpack'>>>>((port) =>
    inThread('unpack', { path, known: STUDIO_TABLES, now, port }, { signal, timeout: null }),
  );
  for (;;) {
    const next = await batches.next();
    if (next.done) {
      if (!next.value.ok) throw new Problem(422, 'archive', next.value.fault);
      const lot = await fitting('movements.json', endImport(t));
      if (lot !== null)
        throw new Problem(
          422,
          'archive',
          `movements.json: lot ${lot} would have held less than nothing. Nothing was imported.`,
        );
      // What an older archive lacks of the catalogue is there at once, as it is after a start.
      await stockWithin(t);
      return next.value.value;
    }
    const { table, text, rows } = next.value;
    await fitting(`${table}.json`, fillTable(table as StudioTable, text, t)).catch(async (error: unknown) => {
      // The thread reads no further.
      await batches.return(undefined as never);
      throw error;
    });
    following.add(rows);
  }
}

/** Awaits work on a file of an archive; a refusal by the database becomes a problem that names the file and no values. */
async function fitting<T>(file: string, work: Promise<T>): Promise<T> {
  try {
    return await work;
  } catch (error) {
    if (!(error instanceof DatabaseError || error instanceof UniqueConstraintError)) throw error;
    throw new Problem(422, 'archive', `${file} does not fit: ${shortOf(error)}. Nothing was imported.`);
  }
}

/** What of a database's refusal names no value: the constraint, or its code. */
function shortOf(error: DatabaseError | UniqueConstraintError): string {
  const { constraint, code } = error.original as { constraint?: string; code?: string };
  return constraint ? `a row of it breaks “${constraint}”` : `the database refuses a row of it (${code ?? 'no code'})`;
}
