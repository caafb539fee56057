import { createHash } from 'node:crypto';
import { recordsOf, type StoredEntry } from '../../core/record';
import { addRecords, recordTextsByPiece, sessionTitles, type RecordEntry } from '../../data/records';
import { inBulkStream, inTransaction } from '../../data/database/transaction';
import { csvParts, jsonParts } from '../../formats/csv';
import { HISTORY_COLUMNS, historyRows, type HistoryFault } from '../../formats/records';
import { inThread } from '../../threads/pool';
import type { HistoryRecord, Output } from '../../threads/tasks';
import { keyFor } from '../studio/key-for';
import { readStudio } from '../studio/studio';
import { learnSoon } from './learning';

/** A history from elsewhere as it was read: how much of it can be taken, and what cannot. */
export interface HistoryPreview {
  readonly lines: number;
  readonly pieces: number;
  readonly makers: number;
  readonly from: string | null;
  readonly to: string | null;
  readonly faults: readonly HistoryFault[];
  readonly first: readonly { readonly line: number; readonly what: string; readonly used: string }[];
  readonly fault: string | null;
}

/** As many lines are shown of a history, and as many faults. */
const [SHOWN, FAULTS] = [8, 200];

/** The longest that a history may take to be read, ms. */
const TIMEOUT_MS = 60_000;

/** A history's pieces, each planned as it would be now, so that it can be compared with its geometry. */
async function read(text: string, signal: AbortSignal | undefined): Promise<Output<'history'>> {
  const { catalogue, settings } = await inTransaction(readStudio);
  return inThread('history', { text, catalogue, settings }, { signal, timeout: TIMEOUT_MS });
}

/** Reads a history and tells what would come of it. Nothing is kept. */
export async function previewHistory(text: string, signal?: AbortSignal): Promise<HistoryPreview> {
  const { records, faults, lines, fault } = await read(text, signal);
  const days = records.map(({ piece }) => piece.on).sort();
  return {
    lines,
    pieces: records.length,
    makers: new Set(records.map(({ piece }) => piece.maker)).size,
    from: days[0] ?? null,
    to: days.at(-1) ?? null,
    faults: faults.slice(0, FAULTS),
    first: records.slice(0, SHOWN).map(({ piece, planned, said }) => ({
      line: piece.line,
      what: `${piece.on}, ${piece.project}, ${piece.skill}, band ${piece.planned_mm} mm`,
      used: planned.cords
        .map(({ cord, cut_mm }, i) => {
          const left = said.left?.[String(i)];
          const of = !left ? 'not told' : 'mm' in left ? `${left.mm.reduce((a, b) => a + b, 0)} mm left` : 'ran short';
          return `${cord}: cut ${cut_mm} mm, ${of}`;
        })
        .join('; '),
    })),
    fault,
  };
}

/** Rows are stored so many at a time. */
const BATCH_ROWS = 500;

/** A piece of a history as an entry. One that is on the list twice is two pieces; a list that comes again adds nothing. */
function entriesOf(records: readonly HistoryRecord[], text: string): RecordEntry[] {
  const whole = createHash('sha256').update(text).digest('hex');
  const seen = new Map<string, number>();
  return records.map(({ piece, planned, said }) => {
    const { line: _, cords, ...told } = piece;
    const words = JSON.stringify([told, cords.map(({ line: _l, ...own }) => own)]);
    const n = (seen.get(words) ?? 0) + 1;
    seen.set(words, n);
    const key = keyFor(`history ${n}`, words);
    return {
      key,
      piece: key,
      session: null,
      title: piece.session || `history, ${piece.on}`,
      person: null,
      // The same for all of one name in one file, and nothing that leads back to it.
      maker: piece.maker === '' ? null : keyFor(whole, piece.maker),
      planned,
      seen: null,
      said,
    };
  });
}

/** Takes a history in, all of it or nothing; lines that cannot be taken are left out. Answers how many pieces are new. */
export async function importHistory(text: string, signal?: AbortSignal): Promise<{ added: number }> {
  const { records } = await read(text, signal);
  const entries = entriesOf(records, text);
  const added = await inTransaction(async (t) => {
    let count = 0;
    for (let from = 0; from < entries.length; from += BATCH_ROWS)
      count += await addRecords(entries.slice(from, from + BATCH_ROWS), t);
    return count;
  });
  learnSoon();
  return { added };
}

type PieceEntry = StoredEntry & { readonly makerNumber: number };

/** Records as they stand, in the order of their days, as they are read. What stands of a piece is known when its last entry was read. */
const allRecords = () =>
  inBulkStream(async function* (t) {
    const titles = await sessionTitles(t);
    const asStanding = (entries: readonly PieceEntry[]) =>
      recordsOf(entries).map((record) => ({
        record,
        session: titles.get(record.session) ?? record.session,
        maker: `maker ${entries[0]!.makerNumber}`,
      }));
    let piece: PieceEntry[] = [];
    for await (const texts of recordTextsByPiece(t)) {
      const found: ReturnType<typeof asStanding> = [];
      for (const text of texts) {
        const entry = JSON.parse(text) as PieceEntry;
        if (piece.length > 0 && piece[0]!.piece !== entry.piece) {
          found.push(...asStanding(piece));
          piece = [];
        }
        piece.push(entry);
      }
      yield found;
    }
    yield asStanding(piece);
  });

/** Batches of one kind from batches of another. */
async function* mapped<A, B>(batches: AsyncGenerator<readonly A[]>, map: (one: A) => readonly B[]) {
  for await (const batch of batches) yield batch.flatMap(map);
}

export const recordsCsv = (): AsyncGenerator<string> =>
  csvParts(
    mapped(allRecords(), ({ record, session, maker }) => historyRows(record, session, maker)),
    HISTORY_COLUMNS,
  );

/** The same as JSON, whole; what was written in words stays here. */
export const recordsJson = (): AsyncGenerator<string> =>
  jsonParts(
    { format: 'lapboard-records', version: 1 },
    'records',
    mapped(allRecords(), ({ record: { said, ...rest }, session }) => {
      const { word: _, ...kept } = said;
      return [{ ...rest, session, said: kept }];
    }),
  );
